using OpenQA.Selenium;
using UglyToad.PdfPig;

namespace FairCompass.Browser.Tests;

/// <summary>From a typed workout to a printed brief, in the real page over the real database.</summary>
public sealed class MainPathTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;

    public MainPathTests() => page = new Page(app.Address);

    private const string Draft = """
        Low Water
          for Tideline, Meadow
          a/b is man/woman

        9:00 for time
          3 rounds
            12 power clean, 60/40 kg
            20 sit-up

        score: time
          unfinished: cap line by reps
        """;

    [Fact]
    public void A_new_workout_from_the_first_key_to_the_printed_brief()
    {
        page.Click("New workout");
        page.Until("the new draft", () => page.DraftText.StartsWith("New workout", StringComparison.Ordinal) ? "" : null);
        page.TypeDraft(Draft);

        // The totals are there: 3 × (12 + 20) = 96.
        page.Shows("96 in all");
        Assert.Equal("Low Water", page.Words("h1"));

        // What nobody has said is a note with a mend; the mend settles it.
        page.Shows("What decides a tie?");
        page.Click("Ties share the place");
        page.ShowsNot("What decides a tie?");
        page.Shows("Nothing missing, nothing contradictory.");

        // Change a load in the table to one that the kit cannot make: a finding, and its mend.
        page.With("[data-cell='1.0']", e => e.Click());
        page.Driver.SwitchTo().ActiveElement().SendKeys("61" + Keys.Enter);
        page.Shows("no bar of 61 kg with this kit");
        page.Until(
            "the underline where it is",
            () => page.Words(".cm-lintRange-error").Contains("61", StringComparison.Ordinal) ? "" : null
        );
        Assert.Contains("61/40 kg", page.DraftText, StringComparison.Ordinal);
        page.Click("Use 60 kg (lighter)");
        page.Shows("Nothing missing, nothing contradictory.");
        Assert.Contains("60/40 kg", page.DraftText, StringComparison.Ordinal);

        // It saved itself; after a reload it is still there.
        page.Shows("draft · saved");
        page.Driver.Navigate().Refresh();
        page.Shows("96 in all");
        Assert.Contains("tie: shared", page.DraftText, StringComparison.Ordinal);

        // Try a result.
        page.Click("Try a result");
        page.Type("reps counted at the cap", "95");
        page.Click("Score it");
        page.Shows("95 of 96 at the cap");
        page.Shows("round 3, sit-up 19 of 20");
        page.Type("finished at", "9:01");
        page.Click("Score it");
        page.Shows("A finish lies after 0:00 and not after 9:00.");

        // The judge brief, printed and read back.
        page.With("nav[aria-label=Route] a[href*='/briefs']", e => e.Click());
        page.Click("Low Water");
        page.Shows("What you write down");
        var fingerprint = page.Words(".paper .head .mono");
        using var pdf = PdfDocument.Open(page.Print());
        Assert.InRange(pdf.NumberOfPages, 1, 3);
        Assert.All(
            pdf.GetPages(),
            p =>
            {
                // A4 is 210 × 297 mm, 595.3 × 841.9 points (ISO 216).
                Assert.InRange(p.Width, 594, 596);
                Assert.InRange(p.Height, 841, 843);
                Assert.Contains(
                    fingerprint.Replace(" ", "", StringComparison.Ordinal),
                    string.Concat(p.GetWords().Select(w => w.Text)),
                    StringComparison.Ordinal
                );
            }
        );
        var words = string.Join(' ', pdf.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));
        foreach (
            var expected in new[]
            {
                "Low Water",
                "Judge brief",
                "12 power cleans, 60/40 kg",
                "elbows”",
                "Running totals, 96 in all",
                "Barbell: clips on",
            }
        )
        {
            Assert.Contains(expected, words, StringComparison.Ordinal);
        }

        Assert.All(page.Errors, e => Assert.Contains("422", e, StringComparison.Ordinal));
    }

    [Fact]
    public void The_judge_brief_of_each_demo_workout_fits_three_pages()
    {
        page.Shows("114 in all");
        var links = page.Driver.FindElements(By.CssSelector("nav a[href*='/w/']")).Select(a => a.GetAttribute("href")!).Take(4).ToList();
        foreach (var link in links)
        {
            page.Driver.Navigate().GoToUrl(link.Replace("/w/", "/briefs/", StringComparison.Ordinal) + "/judge");
            page.Shows("Not your job");
            using var pdf = PdfDocument.Open(page.Print());
            Assert.InRange(pdf.NumberOfPages, 1, 3);
        }
    }

    [Fact]
    public void While_the_database_is_stopped_typing_goes_on_and_is_saved_afterwards()
    {
        page.Shows("114 in all");
        app.SetDatabaseReachable(false);
        var editor = page.Find(".cm-content");
        editor.SendKeys(Keys.Control + Keys.End);
        editor.SendKeys(Keys.Null + "// kept in this browser");
        page.Shows("not saved: The database does not answer.");
        Assert.Contains("// kept in this browser", page.DraftText, StringComparison.Ordinal);
        app.SetDatabaseReachable(true);
        page.Shows("draft · saved");
        page.Driver.Navigate().Refresh();
        page.Until("the kept words", () => page.DraftText.Contains("// kept in this browser", StringComparison.Ordinal) ? "" : null);
    }

    [Fact]
    public void Two_windows_lose_nothing()
    {
        page.Shows("114 in all");
        var first = page.Driver.CurrentWindowHandle;
        var address = page.Driver.Url;
        page.Driver.SwitchTo().NewWindow(WindowType.Tab);
        page.Driver.Navigate().GoToUrl(address);
        page.Shows("114 in all");
        page.With(".cm-content", e => e.SendKeys(Keys.Control + Keys.Home));
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Null + Keys.End + " Two");
        page.Shows("draft · saved");
        page.Until("saved title", () => page.Words("h1") == "Ferry Bell Two" ? "" : null);
        Thread.Sleep(1200);
        page.Driver.SwitchTo().Window(first);
        page.With(".cm-content", e => e.SendKeys(Keys.Control + Keys.End));
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Null + "// mine");
        page.Shows("This workout was saved elsewhere");
        page.Shows("Ferry Bell Two");
        page.Click("Keep both changes");
        page.Shows("draft · saved");
        Assert.StartsWith("Ferry Bell Two", page.DraftText, StringComparison.Ordinal);
        Assert.Contains("// mine", page.DraftText, StringComparison.Ordinal);
    }

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
