using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;
using UglyToad.PdfPig;

namespace FairCompass.Browser.Tests;

/// <summary>The briefing as it is spoken and shown, page one of the judge brief, and whose Spanish the papers speak.</summary>
public sealed class SpokenBriefingTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;

    public SpokenBriefingTests() => page = new Page(app.Address);

    private void Choose(string label, string text) =>
        page.Until(
            "the choice " + label,
            () =>
                Page.Done(
                    page.Driver.FindElements(By.XPath($"//label[starts-with(normalize-space(.), '{label}')]//select"))
                        .FirstOrDefault(e => e.Displayed),
                    e => Page.Pick(e, text)
                )
        );

    private void Press(string key) => new Actions(page.Driver).SendKeys(key).Perform();

    private void OpenBriefs(string workout)
    {
        page.With("nav[aria-label=Route] a[href*='/briefs']", e => e.Click());
        page.Click(workout);
    }

    [Fact]
    public void The_slides_run_by_keys_and_a_reload_stays_where_it_was()
    {
        OpenBriefs("Breakwater");
        Choose("Division", "Tideline");
        page.Click("Spoken briefing");
        page.Shows("Show a good rep.");
        Assert.Equal("", page.Axe());
        page.Click("Show on a screen");
        page.Until("the first", () => page.Text.Contains("1 / 23", StringComparison.Ordinal) ? "" : null);
        Press(Keys.ArrowRight);
        Press(Keys.Space);
        page.Shows("Wall walk: good");
        Assert.Equal("", page.Axe());
        Press(Keys.PageDown);
        page.Shows("“No rep, line”");
        page.Driver.Navigate().Refresh();
        page.Shows("4 / 23");
        Press(Keys.End);
        page.Shows("23 / 23");
        Press(Keys.ArrowRight);
        page.Shows("23 / 23");
        Press(Keys.Home);
        page.Shows("1 / 23");
        Press(Keys.Escape);
        page.Shows("Print the script");
        page.Click("to athletes");
        page.Shows("Ask now.");
        Assert.Empty(page.Errors);
    }

    [Fact]
    public void Page_one_of_a_judge_brief_is_one_page_and_the_rest_begins_another()
    {
        OpenBriefs("Cockle Row");
        Choose("Paper", "Judge brief");
        Choose("Division", "Tideline");
        page.Shows("The likely no-reps");
        using var pdf = PdfDocument.Open(page.Print());
        var (first, second) = (pdf.GetPage(1).Text, pdf.GetPage(2).Text);
        Assert.Contains("Not your job", first, StringComparison.Ordinal);
        Assert.Contains("signature", first, StringComparison.Ordinal);
        Assert.DoesNotContain("Standards: where you stand", first, StringComparison.Ordinal);
        Assert.Contains("Standards: where you stand", second, StringComparison.Ordinal);
        Assert.DoesNotContain("Not your job", second, StringComparison.Ordinal);
        // ISO 32000: a font size is in points of 1/72 in; nothing on paper is smaller than 8.5.
        Assert.All(pdf.GetPages().SelectMany(p => p.Letters), l => Assert.InRange(l.PointSize, 8.3, 40));
    }

    [Fact]
    public void The_competition_chooses_whose_spanish_it_is()
    {
        OpenBriefs("Undertow");
        Choose("Paper", "Lane card");
        Choose("Language", "Español");
        page.Shows("Tarjeta de calle");
        page.Open(new Uri(page.Driver.Url).AbsolutePath.Split("/briefs")[0]);
        Choose("Spanish of the papers", "of the Americas");
        page.Shows("saved");
        OpenBriefs("Undertow");
        Choose("Paper", "Lane card");
        Choose("Language", "Español");
        page.Shows("Tarjeta de carril");
        page.ShowsNot("Tarjeta de calle");
        Assert.Empty(page.Errors);
    }

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
