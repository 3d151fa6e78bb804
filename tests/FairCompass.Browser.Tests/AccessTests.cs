using OpenQA.Selenium;

namespace FairCompass.Browser.Tests;

/// <summary>axe-core on every view, and the keyboard.</summary>
public sealed class AccessTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;

    public AccessTests() => page = new Page(app.Address);

    [Fact]
    public void No_view_has_a_violation_and_none_scrolls_sideways()
    {
        page.Shows("114 in all");
        var competition = page.Driver.Url.Split("/c/")[1].Split('/')[0];
        var links = page
            .Driver.FindElements(By.CssSelector("nav a[href*='/w/']"))
            .Select(a => new Uri(a.GetAttribute("href")!).AbsolutePath)
            .ToList();
        var workout = links[0].Split('/')[^1];
        (string Path, string Shows)[] views =
        [
            (links[0], "Scoring in sentences"),
            (links[4], "must be settled"),
            ($"/c/{competition}", "Kit of one lane"),
            ($"/c/{competition}/standards", "137 movements"),
            ($"/c/{competition}/standards/policies", "in force"),
            ($"/c/{competition}/standards/compare?a=front-squat&b=back-squat", "clauses differ"),
            ($"/c/{competition}/publish", "Readers ask"),
            ($"/c/{competition}/standards/front-squat", "No rep"),
            ($"/c/{competition}/scoring/{workout}", "Sample results"),
            ($"/c/{competition}/checks", "have something open"),
            ($"/c/{competition}/dry-run/{workout}", "The judge looks at"),
            ($"/c/{competition}/briefs/{workout}/judge", "Not your job"),
            ($"/c/{competition}/briefs/{workout}/athlete?division=Meadow", "Athlete brief"),
            ($"/c/{competition}/briefs/{workout}/judge?language=Spanish&figures=true", "Documento del juez"),
            ($"/c/{competition}/pack?papers=caller", "23 papers"),
            ($"{links[7].Replace("/w/", "/briefs/", StringComparison.Ordinal)}/measurement", "The line lies at"),
            ($"/c/{competition}/judges", "Floor crew"),
            ($"/c/{competition}/days", "Seek a better plan"),
            ($"/c/{competition}/times?by=Floor", "Floor from"),
            ($"/c/{competition}/standards/write", "Say what it is called"),
            ($"/c/{competition}/standards/write?from=deadlift&name=long%20deadlift", "✓ keeps"),
        ];
        foreach (var (path, shows) in views)
        {
            page.Open(path);
            page.Shows(shows);
            page.Until("settled", () => page.Driver.FindElements(By.CssSelector("[aria-busy=true]")).Count == 0 ? "" : null);
            Assert.True(page.Axe() is "" or null, path + "\n" + page.Axe());
            foreach (var width in new[] { 1280, 390 })
            {
                page.Driver.ExecuteCdpCommand(
                    "Emulation.setDeviceMetricsOverride",
                    new Dictionary<string, object?>
                    {
                        ["width"] = width,
                        ["height"] = 800,
                        ["deviceScaleFactor"] = 1,
                        ["mobile"] = false,
                    }
                );
                var over = (long)
                    page.Driver.ExecuteScript("return document.documentElement.scrollWidth - document.documentElement.clientWidth")!;
                Assert.True(over <= 0, $"{path} is {over} px too wide at {width}");
            }

            page.Driver.ExecuteCdpCommand("Emulation.clearDeviceMetricsOverride", []);
        }

        Assert.Empty(page.Errors);
    }

    [Fact]
    public void Everything_is_reached_by_keys()
    {
        page.Shows("114 in all");
        page.Driver.FindElement(By.TagName("h1")).Click();
        // On a busy machine the two keys may come further apart than a person types them; then they are typed again.
        page.Until(
            "the book by two keys",
            () =>
            {
                page.Driver.FindElement(By.TagName("body")).SendKeys("gs");
                Thread.Sleep(500);
                return page.Driver.Url.EndsWith("/standards", StringComparison.Ordinal) ? "" : null;
            }
        );
        page.Shows("137 movements");
        page.Driver.FindElement(By.TagName("body")).SendKeys("?");
        page.Shows("find a workout, a standard, or a page");
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Escape);
        page.Driver.FindElement(By.TagName("body")).SendKeys(Keys.Control + "k");
        page.With("[role=combobox]", e => e.SendKeys(Keys.Null + "cockle judge" + Keys.Enter));
        page.Shows("Print or save as PDF");
        Assert.Contains("/judge", page.Driver.Url, StringComparison.Ordinal);
    }

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
