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
        // One undo brings the words back, another reading puts them aside again.
        page.With(".cm-content", e => e.SendKeys(Keys.Control + "z"));
        page.Until("the words", () => page.DraftText.StartsWith("EVENT 9 - WEIR", StringComparison.Ordinal) ? "" : null);
        page.Click("Read all of it as a text");
        page.Until("to use it", () => Page.Done(page.Named("Use this reading") is { Enabled: true } b ? b : null, b => b.Click()));
        page.Until("the draft", () => page.DraftText.StartsWith("Event 9 - Weir", StringComparison.Ordinal) ? "" : null);
    }

    [Fact]
    public void Ten_lines_of_shorthand_typed_with_the_keyboard_alone()
    {
        page.Click("New workout");
        page.Until("a new draft", () => page.DraftText.StartsWith("New workout", StringComparison.Ordinal) ? "" : null);
        page.With(".cm-content", e => e.SendKeys(Keys.Control + "a"));
        string[] typed =
        [
            "Weir",
            "",
            "for time, cap 12",
            "1000 m row",
            "3 rounds of",
            "10 thrusters 42,5/30 kg",
            "15 T2B",
            "8 box step overs @ 60/50 cm",
            "score: time",
            "cap + 1 sec per missing rep",
            "ties shared",
        ];
        foreach (var line in typed)
        {
            page.With(".cm-content", e => e.SendKeys(line + Keys.Enter));
            // As long as a person needs to begin the next line.
            page.Until("the cursor in a line of its own", () => page.Driver.ExecuteScript(Settled) as string);
        }

        const string Written =
            "Weir\n\n12:00 for time\n  1000 m row\n  3 rounds\n    10 thruster, 42.5/30 kg\n    15 toes-to-bar\n"
            + "    8 box step-over, box 60/50 cm\nscore: time\n  unfinished: +0:01 for each missing rep\n  tie: shared\n";
        page.Until("what was typed, as it is read", () => page.DraftText.StartsWith(Written, StringComparison.Ordinal) ? "" : null);
        Assert.Equal("", page.Axe());
        // The last words come back, and stay as they were typed.
        page.With(".cm-content", e => e.SendKeys(Keys.Control + "z"));
        page.Until("the words", () => page.DraftText.Contains("\n  ties shared", StringComparison.Ordinal) ? "" : null);
        page.With(".cm-content", e => e.SendKeys(Keys.ArrowUp + Keys.ArrowUp));
        page.Shows("“ties shared” is not in the notation yet.");
        Assert.Contains("\n  ties shared", page.DraftText, StringComparison.Ordinal);
    }

    /// <summary>Whether the line with the cursor is where the next one begins, and nothing is being read.</summary>
    private const string Settled = """
        const before = window.lastDraft; window.lastDraft = [...document.querySelectorAll('.cm-line')].map(l => l.textContent).join('\n');
        return before === window.lastDraft ? '' : null;
        """;

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }

    /// <summary>A structure stands in the draft with its first place in hand; Tab goes to the next.</summary>
    [Fact]
    public void A_structure_is_filled_in_by_tab()
    {
        page.Click("New workout");
        page.Until("the new draft", () => page.DraftText.StartsWith("New workout", StringComparison.Ordinal) ? "" : null);
        page.Click("Falling sets");
        page.Until("the skeleton", () => page.DraftText.Contains("21-15-9 of", StringComparison.Ordinal) ? "" : null);
        page.Insert("8:00");
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Escape);
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Tab);
        page.Insert("10-8-6");
        page.Shows("48 in all");
        Assert.Contains("8:00 for time\n  10-8-6 of\n    barbell thruster", page.DraftText, StringComparison.Ordinal);
        page.Shows("Nothing missing, nothing contradictory.");
        page.Shows("draft · saved");
    }
}
