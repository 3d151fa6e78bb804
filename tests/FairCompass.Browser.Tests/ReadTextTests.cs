using OpenQA.Selenium;

namespace FairCompass.Browser.Tests;

/// <summary>A pasted event sheet, its questions answered, its reading taken.</summary>
public sealed class ReadTextTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;

    public ReadTextTests() => page = new Page(app.Address);

    [Fact]
    public void A_sheet_is_pasted_two_questions_answered_and_the_reading_taken()
    {
        page.Click("Read a text");
        page.Shows("The draft stands here as soon as there are words.");
        // As the clipboard gives it: all at once.
        page.With(
            "#your-words",
            e =>
            {
                e.Clear();
                e.SendKeys(
                    "EVENT 9 - WEIR\n\nFor time, cap 12 min:\n30 cal row\n20 snatches 95/65\n10 rope climbs\n\nDNF = reps. Ties shared."
                );
            }
        );
        page.Shows("may mean power snatch or squat snatch");
        page.Click("power snatch");
        page.ShowsNot("may mean power snatch");
        page.Shows("has no unit");
        page.Click("lb");
        page.ShowsNot("What the text leaves open");
        page.Shows("20 power snatch, 95/65 lb");
        // The words are kept in this browser until they are used.
        page.Driver.Navigate().Refresh();
        page.Shows("20 power snatch, 95/65 lb");
        Assert.Equal("", page.Axe());
        page.Until("to use it", () => Page.Done(page.Named("Use this reading") is { Enabled: true } b ? b : null, b => b.Click()));
        page.Until("the draft", () => page.DraftText.Contains("20 power snatch, 95/65 lb", StringComparison.Ordinal) ? "" : null);
        Assert.StartsWith("Event 9 - Weir", page.DraftText, StringComparison.Ordinal);
        page.Shows("draft · saved");
    }

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
