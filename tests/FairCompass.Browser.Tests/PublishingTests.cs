using System.Net.Http.Json;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace FairCompass.Browser.Tests;

/// <summary>From an unfinished draft through the interview to readers, a correction, an erratum, and a ruling.</summary>
public sealed class PublishingTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;

    public PublishingTests() => page = new Page(app.Address);

    [Fact]
    public void From_an_unfinished_draft_to_version_three()
    {
        // The list of workouts stands above the button: a click before it is there would land beside it.
        page.Shows("114 in all");
        page.Shows("23 drafts");
        var before = page.Driver.Url;
        page.Click("New workout");
        page.Until(
            "the new draft",
            () =>
                page.Driver.Url != before
                && page.Driver.FindElements(By.CssSelector(".cm-content")).Count == 1
                && !page.DraftText.Contains("11:00", StringComparison.Ordinal)
                    ? ""
                    : null
        );
        page.TypeDraft(
            "Quay Test\n  for Tideline, Meadow\n  a/b is man/woman\n\n9:00 for time\n  30 sit-up\n  12 power clean, 60/40 kg\n "
                + "   Meadow: 40/30 kg\n\nscore: time"
        );
        page.Until("the text", () => page.DraftText.Contains("score: time", StringComparison.Ordinal) ? "" : null);
        page.Find("bdi[title='Quay Test']");

        // The interview: one question at a time, with an example of this very workout.
        page.With("nav[aria-label=Route] a[href*='/publish']", e => e.Click());
        page.Click("Quay Test");
        page.Shows("Question 1 of 2");
        page.Shows("How is somebody scored who does not finish?");
        page.Shows("36 of 42 at 9:00");
        page.With("button[aria-label='Answer: Cap line by reps']", e => e.Click());
        page.Shows("What decides a tie?");
        page.With("button[aria-label='Answer: Ties share the place']", e => e.Click());
        page.Shows("The draft can be published as version 1.");
        Assert.Equal("", page.Axe());

        // What nobody has said anything about is in force all the same: one is signed alone, the others together.
        page.Shows("In force here, and signed by nobody");
        var unsigned = page.Driver.FindElements(By.CssSelector("section[aria-labelledby=in-force] li")).Count;
        Assert.True(unsigned > 2);
        page.With("section[aria-labelledby=in-force] li button", e => e.Click());
        page.Shows($"Sign all {unsigned - 1}");
        page.With("section[aria-labelledby=in-force] button.press:not([disabled])", e => e.Click());
        page.ShowsNot("signed by nobody");
        page.Click("Publish version 1");
        page.Shows("Version 1 says what the draft says.");
        var code = page.Until(
            "the code",
            () => page.Driver.FindElements(By.CssSelector("section[aria-labelledby=versions] .mono")).FirstOrDefault()?.Text
        );

        // A reader asks on a line; a judge cannot confirm without the three questions.
        page.Click("Readers’ page");
        page.Shows("This is the newest version.");
        page.Shows(code);
        page.Until(
            "a line to ask about",
            () =>
                Page.Done(
                    page.Driver.FindElements(By.CssSelector("option"))
                        .FirstOrDefault(o => o.Text.Contains("30 sit-up", StringComparison.Ordinal)),
                    o => o.Click()
                )
        );
        page.With("section[aria-labelledby=ask] textarea", e => e.SendKeys("May somebody hold the feet?"));
        page.Click("Ask");
        page.Shows("Asked. The answer will stand on this page.");
        // Who is signed in confirms for themselves; a reader with no more than the code types a name.
        page.Click("I have read and understood version 1");
        page.Shows("Demo organiser has confirmed version 1.");

        // For one division the paper carries its own load; a reload keeps the choice.
        page.Until(
            "the division",
            () =>
                Page.Done(
                    page.Driver.FindElements(By.XPath("//label[starts-with(normalize-space(.), 'Division')]/select")).FirstOrDefault(),
                    e => Page.Pick(e, "Meadow")
                )
        );
        page.Shows("12 power cleans, 40/30 kg");
        page.ShowsNot("60/40 kg");
        page.Driver.Navigate().Refresh();
        page.Shows("12 power cleans, 40/30 kg");
        page.Click("judge");
        page.Click("Three questions first");
        page.Shows("What do you call?");
        Assert.Equal("", page.Axe());
        var paper = page.Print();
        Assert.True(paper.Length > 10_000);

        // A correction, its erratum, and what the old code says now.
        page.Driver.Navigate().Back();
        page.Click("Quay Test");
        // The route stays on the page that is open; by its drafts it leads to a draft.
        page.With("nav[aria-label=Route] a[href$='/workouts']", e => e.Click());
        page.With("a[href*='/w/'] bdi[title='Quay Test']", e => e.Click());
        page.Until("its draft", () => page.DraftText.Contains("40/30 kg", StringComparison.Ordinal) ? "" : null);
        page.TypeDraft(
            "Quay Test\n  for Tideline, Meadow\n  a/b is man/woman\n\n9:00 for time\n  30 sit-up\n  12 power clean, 60/40 kg\n "
                + "   Meadow: 37.5/30 kg\n\nscore: time\n  unfinished: cap line by reps\n  tie: shared"
        );
        page.Shows("draft · saved");
        page.Until("the new load understood", () => page.Text.Contains("37.5", StringComparison.Ordinal) ? "" : null);
        page.With("nav[aria-label=Route] a[href*='/publish']", e => e.Click());
        page.Click("Quay Test");
        page.Shows("Correction: version 2");
        page.Shows("37.5 kg");
        page.Click("Publish version 2");
        page.Shows("Version 2 says what the draft says.");
        page.Click("Erratum sheet");
        page.Shows($"Your paper says {code}?");
        page.Shows("Meadow, man");
        page.Open($"/p/{code.ToLowerInvariant()}");
        page.Shows("This paper is out of date: version 2 is out");

        // The answer becomes a rule of the newest version.
        page.Open("/");
        page.With("nav[aria-label=Route] a[href*='/publish']", e => e.Click());
        page.Click("Quay Test");
        page.Shows("May somebody hold the feet?");
        page.With("article textarea", e => e.SendKeys("No, the feet are free."));
        page.With("article input[type=checkbox]", e => e.Click());
        page.With("article input[maxlength='240']", e => e.SendKeys("Nobody holds the feet."));
        page.Click("Send the answer");
        page.Shows("ruling, in version 3");
        page.Shows("Ruling 1: Nobody holds the feet.");
        Assert.DoesNotContain(page.Errors, e => !e.Contains("422", StringComparison.Ordinal));
    }

    /// <summary>The page of publishing stays open while somebody corrects the draft in another window, twice.</summary>
    [Fact]
    public async Task Corrections_made_in_another_window_become_versions_of_their_own()
    {
        page.With("nav[aria-label=Route] a[href*='/publish']", e => e.Click());
        page.Click("Cockle Row");
        page.Shows("The draft can be published as version 1.");
        page.Click("Publish version 1");
        page.Shows("Version 1 says what the draft says.");
        await Correct("65/45 kg", "62.5/45 kg");
        page.Shows("Correction: version 2");
        page.Shows("62.5 kg");
        page.Click("Publish version 2");
        page.Shows("Version 2 says what the draft says.");
        await Correct("62.5/45 kg", "60/45 kg");
        page.Shows("Correction: version 3");
        page.Click("Publish version 3");
        page.Shows("Version 3 says what the draft says.");
        Assert.Empty(page.Errors);
    }

    private async Task Correct(string was, string now)
    {
        using var http = Visitors.At(app.Address);
        await RunningApp.SignIn(http);
        var workout = page.Driver.Url.Split('/')[^1];
        var draft = (await http.GetFromJsonAsync<JsonNode>($"/api/workouts/{workout}"))!;
        Assert.Contains(was, draft["body"]!.GetValue<string>(), StringComparison.Ordinal);
        using var saved = await http.PutAsJsonAsync(
            $"/api/workouts/{workout}",
            new
            {
                baseRevision = draft["revision"]!.GetValue<int>(),
                saveId = Guid.NewGuid(),
                body = draft["body"]!.GetValue<string>().Replace(was, now, StringComparison.Ordinal),
            }
        );
        saved.EnsureSuccessStatusCode();

        // Coming back to a window reads anew what it shows.
        page.Driver.ExecuteScript("window.dispatchEvent(new Event('visibilitychange'))");
    }

    [Fact]
    public void A_policy_rewrites_the_clauses_and_figures_stand_beside_them()
    {
        page.With("nav[aria-label=Route] a[href$='/standards']", e => e.Click());
        page.Shows("137 movements");
        page.With("input[type=search]", e => e.SendKeys("chin bar"));
        page.Click("Pull-up");
        page.Shows("The chin is over the plane of the bar’s upper edge.");
        page.Until("the figures", () => page.Driver.FindElements(By.CssSelector("svg[role=img]")).Count >= 7 ? "" : null);
        page.With("section[aria-labelledby=figures] input", e => e.SendKeys(Keys.Backspace + Keys.Backspace + Keys.Backspace + "300"));
        page.Shows("A stature is from 1.20 m to 2.30 m.");
        page.Click("all");
        page.Click("Policies: where the trade disagrees");
        page.Until(
            "the school",
            () =>
                Page.Done(page.Driver.FindElements(By.XPath("//label[contains(., 'Through the plane')]")).FirstOrDefault(), e => e.Click())
        );
        page.Until("saved", () => page.Driver.FindElements(By.XPath("//*[@role='status' and contains(., 'saved')]")).FirstOrDefault());
        page.Click("To the book");
        page.Click("Pull-up");
        page.Shows("The chin breaks the plane of the bar’s upper edge.");
        page.Shows("policy · chin: through");
        Assert.DoesNotContain(page.Errors, e => !e.Contains("422", StringComparison.Ordinal));
    }

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
