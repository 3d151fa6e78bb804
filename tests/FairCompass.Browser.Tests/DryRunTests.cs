using OpenQA.Selenium;
using UglyToad.PdfPig;

namespace FairCompass.Browser.Tests;

/// <summary>A workout played before anybody runs it, in the real page.</summary>
public sealed class DryRunTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;

    public DryRunTests() => page = new Page(app.Address);

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }

    private void OpenDryRun(string title)
    {
        page.Shows("114 in all");
        page.With("nav[aria-label=Route] a[href*='/dry-run']", e => e.Click());
        page.Shows("The judge looks at");
        page.Find("main select");
        page.Click(title);
        page.Shows("The judge looks at");
    }

    private string Clock => page.Words("output[aria-label='Hall clock']");

    [Fact]
    public void A_heat_is_played_jumped_through_and_its_card_printed()
    {
        OpenDryRun("Lock Gates");
        Assert.Equal("0:00", Clock);
        page.Click("Next call");
        page.Until("the first warning", () => Clock == "3:30" ? "" : null);
        page.Shows("“one minute to gate 1”");
        page.Click("Next call");
        page.Click("Next call");
        page.Until("the gate", () => Clock == "4:30" ? "" : null);
        page.Shows("gate: 40 done, go on until 7:30");

        // The playhead runs by itself, and stands where it is put by keys.
        page.Click("Play");
        page.Until("time goes by", () => Clock != "4:30" ? "" : null);
        page.Click("Hold");
        var held = Clock;
        page.With("input[aria-label=Playhead]", e => e.SendKeys(Keys.ArrowRight));
        page.Until("a second later", () => Clock != held ? "" : null);

        page.Click("Go to the end");
        page.ShowsNot("They stand here when the clock has ended.");
        Assert.NotEmpty(page.Driver.FindElements(By.CssSelector(".filled-card svg[aria-label^='crossed at']")));
        using var pdf = PdfDocument.Open(page.Print());
        var words = string.Join(' ', pdf.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));
        Assert.Contains("Running totals", words, StringComparison.Ordinal);
        Assert.DoesNotContain("The caller says", words, StringComparison.Ordinal);
        Assert.Equal("", page.Axe());
        Assert.Empty(page.Errors);
    }

    [Fact]
    public void What_usually_happens_is_drawn_anew_beside_the_old_with_another_pace()
    {
        OpenDryRun("Cockle Row");
        page.Click("What usually happens");
        page.Shows("500 runs of each of 8 entries.");
        page.Type("to seconds", "0");
        page.Click("Draw anew");
        page.Shows("Seconds for one unit, over 0 and up to 600");
        page.Field("to seconds").Clear();
        page.Type("to seconds", "9.5");
        Page.Pick(page.Field("for"), "Meadow");
        page.Click("Draw anew");
        page.Shows("Drawn beside the old: deadlift in 9.5 s for Meadow");
        page.Shows("500 runs of each of 8 entries.");
        Assert.Equal(2, page.Driver.FindElements(By.XPath("//strong[.='changed: ']")).Count);
        Assert.Equal("", page.Axe());
        page.Click("Keep it for this competition");
        page.Shows("of this competition");
        Assert.All(page.Errors, e => Assert.Contains("422", e, StringComparison.Ordinal));
    }

    [Fact]
    public void A_note_is_let_stand_with_its_reason_and_looked_at_again()
    {
        page.Click("New workout");
        page.Until("the new draft", () => page.DraftText.StartsWith("New workout", StringComparison.Ordinal) ? "" : null);
        page.TypeDraft("Low Water\n  for Tideline\n  a/b is man/woman\n\n9:00 for reps\n  max sit-up\n\nscore: reps\n");
        page.Shows("What decides a tie?");
        page.Click("Let it stand");
        page.Type("Why may it stand?", "nobody ties" + Keys.Enter);
        page.Until("the line", () => page.DraftText.Contains("waive: tie-unstated, nobody ties", StringComparison.Ordinal) ? "" : null);
        page.ShowsNot("What decides a tie?");
        page.With("details summary", e => e.Click());
        page.Shows("Because: nobody ties");
        page.Click("Look at it again");
        page.Until("no line", () => page.DraftText.Contains("waive:", StringComparison.Ordinal) ? null : "");
        page.Shows("What decides a tie?");
    }
}
