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
        page.Named("New workout").Click();
        page.TypeDraft("Quay Test\n  for Tideline, Meadow\n  a/b is man/woman\n\n9:00 for time\n  30 sit-up\n  12 power clean, 60/40 kg\n    Meadow: 40/30 kg\n\nscore: time");
        page.Until("the text", () => page.DraftText.Contains("score: time", StringComparison.Ordinal) ? "" : null);
        page.Find("bdi[title='Quay Test']");

        // The interview: one question at a time, with an example of this very workout.
        page.Find("nav[aria-label=Route] a[href$='/publish']").Click();
        page.Named("Quay Test").Click();
        page.Shows("Question 1 of 2");
        page.Shows("How is somebody scored who does not finish?");
        page.Shows("36 of 42 at 9:00");
        page.Find("button[aria-label='Answer: Cap line by reps']").Click();
        page.Shows("What decides a tie?");
        page.Find("button[aria-label='Answer: Ties share the place']").Click();
        page.Shows("The draft can be published as version 1.");
        Assert.Equal("", page.Axe());
        page.Named("Publish version 1").Click();
        page.Shows("Version 1 says what the draft says.");
        var code = page.Find("section[aria-labelledby=versions] .mono").Text;

        // A reader asks on a line; a judge cannot confirm without the three questions.
        page.Named("Readers’ page").Click();
        page.Shows("This is the newest version.");
        page.Shows(code);
        page.Until("a line to ask about", () => page.Driver.FindElements(By.CssSelector("option")).FirstOrDefault(o => o.Text.Contains("30 sit-up", StringComparison.Ordinal)))!.Click();
        page.Find("section[aria-labelledby=ask] textarea").SendKeys("May somebody hold the feet?");
        page.Named("Ask").Click();
        page.Shows("Asked. The answer will stand on this page.");
        page.Find("section[aria-labelledby=confirm] input").SendKeys("Olaf Tarn");
        page.Named("I have read and understood version 1").Click();
        page.Shows("Olaf Tarn has confirmed version 1.");
        page.Named("judge").Click();
        page.Find("section[aria-labelledby=confirm] input").SendKeys("Mara Quill");
        page.Named("Three questions first").Click();
        page.Shows("What do you call?");
        Assert.Equal("", page.Axe());
        var paper = page.Print();
        Assert.True(paper.Length > 10_000);

        // A correction, its erratum, and what the old code says now.
        page.Driver.Navigate().Back();
        page.Named("Quay Test").Click();
        page.Find("a[href*='/w/'] bdi[title='Quay Test']").Click();
        page.TypeDraft("Quay Test\n  for Tideline, Meadow\n  a/b is man/woman\n\n9:00 for time\n  30 sit-up\n  12 power clean, 60/40 kg\n    Meadow: 37.5/30 kg\n\nscore: time\n  unfinished: cap line by reps\n  tie: shared");
        page.Shows("draft · saved");
        page.Until("the new load understood", () => page.Text.Contains("37.5", StringComparison.Ordinal) ? "" : null);
        page.Find("nav[aria-label=Route] a[href$='/publish']").Click();
        page.Named("Quay Test").Click();
        page.Shows("Correction: version 2");
        page.Shows("37.5 kg");
        page.Named("Publish version 2").Click();
        page.Shows("Version 2 says what the draft says.");
        page.Named("Erratum sheet").Click();
        page.Shows($"Your paper says {code}?");
        page.Shows("Meadow, man");
        page.Open($"/p/{code.ToLowerInvariant()}");
        page.Shows("This paper is out of date: version 2 is out");

        // The answer becomes a rule of the newest version.
        page.Open("/");
        page.Find("nav[aria-label=Route] a[href$='/publish']").Click();
        page.Named("Quay Test").Click();
        page.Shows("May somebody hold the feet?");
        page.Find("article textarea").SendKeys("No, the feet are free.");
        page.Find("article input[type=checkbox]").Click();
        page.Until("the rule’s field", () => page.Driver.FindElements(By.CssSelector("article input[maxlength='240']")).FirstOrDefault())!.SendKeys("Nobody holds the feet.");
        page.Named("Send the answer").Click();
        page.Shows("ruling, in version 3");
        page.Shows("Ruling 1: Nobody holds the feet.");
        Assert.DoesNotContain(page.Errors, e => !e.Contains("422", StringComparison.Ordinal));
    }

    [Fact]
    public void A_policy_rewrites_the_clauses_and_figures_stand_beside_them()
    {
        page.Find("nav[aria-label=Route] a[href$='/standards']").Click();
        page.Shows("83 movements");
        page.Find("input[type=search]").SendKeys("chin bar");
        page.Named("Pull-up").Click();
        page.Shows("The chin is over the plane of the bar’s upper edge.");
        page.Until("the figures", () => page.Driver.FindElements(By.CssSelector("svg[role=img]")).Count >= 7 ? "" : null);
        page.Find("section[aria-labelledby=figures] input").SendKeys(Keys.Backspace + Keys.Backspace + Keys.Backspace + "300");
        page.Shows("A stature is from 1.20 m to 2.30 m.");
        page.Named("all").Click();
        page.Named("Policies: where the trade disagrees").Click();
        page.Until("the school", () => page.Driver.FindElements(By.XPath("//label[contains(., 'Through the plane')]")).FirstOrDefault())!.Click();
        page.Until("saved", () => page.Driver.FindElements(By.XPath("//*[@role='status' and contains(., 'Saved')]")).FirstOrDefault());
        page.Named("To the book").Click();
        page.Named("Pull-up").Click();
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
