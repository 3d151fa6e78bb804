using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace FairCompass.Browser.Tests;

/// <summary>A standard of one's own, from the nearest movement to the judge's brief; and a house rule.</summary>
public sealed class WritingTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;

    public WritingTests() => page = new Page(app.Address);

    [Fact]
    public void A_standard_is_posed_worded_and_put_into_the_book()
    {
        page.With("nav[aria-label=Route] a[href$='/standards']", e => e.Click());
        page.Click("Write your own");
        page.Type("Name, as drafts will write it", "paused front squat");
        page.Click("Begin from front squat");
        page.Shows("Clauses and no-reps");
        page.Click("On the way");
        page.Shows("✓ keeps");

        // An angle typed past the limit breaks the clause; undo brings it back.
        page.With("input[aria-label='Knee, near side']", e => e.SendKeys(Keys.Control + "a" + Keys.Null + "70" + Keys.Enter));
        page.Shows("✕ breaks");
        page.Shows("The good position breaks a clause");
        page.Click("Undo");
        page.Shows("✓ keeps");

        // A joint dragged: the hip is pulled up, the knees open.
        page.With(
            "[data-handle='Hip-Near']",
            e => new Actions(page.Driver).ClickAndHold(e).MoveByOffset(0, -60).MoveByOffset(10, -60).Release().Perform()
        );
        page.Shows("✕ breaks");
        page.Click("Back to the figure it began from");
        page.Shows("✓ keeps");
        page.Click("Bring");
        page.Until(
            "brought or out of reach",
            () =>
                page.Text.Contains("The bones cannot meet", StringComparison.Ordinal)
                || page.Text.Contains("Back to the figure", StringComparison.Ordinal)
                    ? ""
                    : null
        );
        page.Click("Undo");

        // What no judge could see is said at once.
        page.Click("write one");
        page.With("details[open] textarea", e => e.SendKeys("The athlete pauses properly."));
        page.Shows("“properly” is read differently by each judge");
        page.Shows("No sign says when this is broken");
        page.With("details[open] textarea", e => e.SendKeys(Keys.Control + "a" + Keys.Null + "At the bottom the bar stands still."));
        page.Until(
            "the consequence",
            () =>
            {
                var then = page
                    .Driver.FindElements(By.XPath("//details[@open]//label[contains(., 'what follows?')]/select"))
                    .FirstOrDefault();
                if (then is not null)
                {
                    Page.Pick(then, "repeat the rep");
                }

                return then is null ? null : "";
            }
        );
        page.Shows("1 field to settle first.");
        page.With(
            "details[open]",
            e => e.FindElement(By.XPath(".//div[label[contains(., 'what is seen or heard')]]/textarea")).SendKeys("The bar turns at once.")
        );
        page.ShowsNot("to settle first");
        page.ShowsNot("could not see");
        Assert.Equal("", page.Axe());

        // A reload loses nothing.
        page.Driver.Navigate().Refresh();
        page.Shows("What you had begun is here again.");
        page.Shows("At the bottom the bar stands still.");
        page.Click("Put it into the book");
        page.Until("its plate", () => page.Driver.FindElements(By.CssSelector("svg[role=img]")).Count >= 5 ? "" : null);
        page.Shows("At the bottom the bar stands still.");
        page.Click("change it");
        page.Shows("Change it in the book");

        // It is in force: a draft with it has a standard, and the judge's brief has its clause.
        page.Shows("23 drafts");
        page.Click("New workout");
        page.Until("the new draft", () => page.Driver.FindElements(By.CssSelector(".cm-content")).Count == 1 ? "" : null);
        page.TypeDraft(
            "Still Water\n  for Tideline\n  a/b is man/woman\n\n9:00 for reps\n  max paused front squat, 60/40 kg\n\nscore: "
                + "reps\n  tie: shared"
        );
        page.Find("bdi[title='Still Water']");
        page.Shows("draft · saved");
        page.With("nav[aria-label=Route] a[href*='/briefs']", e => e.Click());
        page.Click("Still Water");
        page.Shows("At the bottom the bar stands still.");
        Assert.Empty(page.Errors);
    }

    [Fact]
    public void A_house_rule_holds_at_once_and_without_a_consequence_it_is_refused_at_its_field()
    {
        page.With("nav[aria-label=Route] a[href$='/standards']", e => e.Click());
        page.With("input[type=search]", e => e.SendKeys("sit-up"));
        page.Click("Sit-up");
        page.Shows("The book holds as it is printed below.");
        page.With("section[aria-labelledby=house] select", e => Page.Pick(e, "a clause of our own …"));
        page.With("[data-house] textarea", e => e.SendKeys("The heels stay down."));
        page.Until(
            "the sign",
            () =>
            {
                var sign = page
                    .Driver.FindElements(By.XPath("//div[@data-house]//div[label[contains(., 'what is seen or heard')]]/textarea"))
                    .FirstOrDefault();
                sign?.SendKeys("A heel lifts.");
                return sign is null ? null : "";
            }
        );
        page.Shows("Say what follows: without a consequence each judge decides alone.");
        page.Until(
            "the consequence",
            () =>
            {
                var then = page
                    .Driver.FindElements(By.XPath("//div[@data-house]//label[starts-with(normalize-space(.), 'what follows')]/select"))
                    .FirstOrDefault();
                if (then is not null)
                {
                    Page.Pick(then, "not counted");
                }

                return then is null ? null : "";
            }
        );
        page.Until(
            "saved",
            () =>
                page.Driver.FindElements(By.XPath("//section[@aria-labelledby='house']//*[@role='status' and .='saved']")).FirstOrDefault()
        );
        page.Until(
            "in the table",
            () => page.Driver.FindElements(By.XPath("//td[contains(., 'A heel lifts.') and contains(., 'house rule')]")).FirstOrDefault()
        );
        Assert.Equal("", page.Axe());
        page.Click("Take it back");
        page.Until("gone", () => page.Driver.FindElements(By.XPath("//td[contains(., 'A heel lifts.')]")).Count == 0 ? "" : null);
        Assert.DoesNotContain(page.Errors, e => !e.Contains("422", StringComparison.Ordinal));
    }

    [Fact]
    public void A_rule_is_said_differently_at_one_place_of_a_workout_and_taken_back()
    {
        page.With("nav[aria-label=Route] a[href$='/standards']", e => e.Click());
        page.Click("Wall walk");
        Choose("in", "Breakwater");
        page.Shows("Say differently");
        Choose("Say differently", "Both hands come behind the line near the wall.");
        Choose("Where", "only at line 14: 8 wall walk, line 25 cm");
        page.Type("Said aloud", Keys.Control + "a" + Keys.Null + "Both hands (flat) touch.");
        page.Click("Write it into the draft");
        page.Shows("without brackets");
        page.Type("Said aloud", Keys.Control + "a" + Keys.Null + "Both palms touch behind the line.");
        page.Type("Said aloud", Keys.Tab + Keys.Tab + Keys.Enter);
        page.Shows("Written into the draft.");
        page.Shows("only at line 14: 8 wall walk, line 25 cm");
        Assert.Equal("", page.Axe());
        page.Click("to the draft");
        page.Shows("standard ");
        Assert.Matches("8 wall walk, line 25 cm\\n    standard [a-z-]+: Both palms touch behind the line\\.", page.DraftText);
        page.Driver.Navigate().Back();
        page.Click("Take it back");
        page.Shows("Taken back.");
        page.Click("to the draft");
        page.Until(
            "the draft as before",
            () =>
                page.DraftText.Contains("28 toes-to-bar", StringComparison.Ordinal)
                && !page.DraftText.Contains("standard ", StringComparison.Ordinal)
                    ? ""
                    : null
        );
    }

    private void Choose(string label, string option) =>
        page.Until(
            $"{label}: {option}",
            () =>
            {
                var of = page
                    .Driver.FindElements(
                        By.XPath($"//label[normalize-space(.)='{label}' or starts-with(normalize-space(.), '{label} the')]")
                    )
                    .FirstOrDefault();
                var select =
                    of?.FindElements(By.TagName("select")).FirstOrDefault()
                    ?? (of?.GetAttribute("for") is { Length: > 0 } id ? page.Driver.FindElement(By.Id(id)) : null);
                if (select is not null)
                {
                    Page.Pick(select, option);
                }

                return select is null ? null : "";
            }
        );

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
