using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using FairCompass.Access;
using OpenQA.Selenium;

namespace FairCompass.Browser.Tests;

/// <summary>From a card to final results: typed, typed once more otherwise, corrected, protested, decided, final; and a page that
/// follows.</summary>
public sealed partial class ResultsTests(ResultsTests.Day day) : IClassFixture<ResultsTests.Day>, IDisposable
{
    private readonly RunningApp app = day.App;
    private readonly Page page = new(day.App.Address);

    /// <summary>The demo with its first day run; it takes seconds to make, so that both have one.</summary>
    public sealed class Day : IDisposable
    {
        public RunningApp App { get; } = new(demo: true, settings: new Dictionary<string, string> { ["DemoResults"] = "true" });

        public void Dispose() => App.Dispose();
    }

    /// <summary>Signs in on a page as somebody of the demo.</summary>
    private static void SignInAs(Page on, string who)
    {
        on.Open("/sign-in");
        on.Type("Name", who);
        on.Type("Passphrase", "quayside tide table");
        on.Click("Sign in");
    }

    private void Choose(string label, string text) =>
        page.Until(
            "to choose " + text,
            () =>
            {
                var option = page
                    .Driver.FindElements(
                        By.XPath($"//label[starts-with(normalize-space(.), '{label}')]//option[normalize-space(.)='{text}']")
                    )
                    .FirstOrDefault();
                option?.Click();
                return option is null ? null : "";
            }
        );

    [Fact]
    public void A_day_is_typed_protested_decided_and_made_final_and_the_hall_follows()
    {
        page.Shows("23 drafts");
        var competition = new Uri(page.Driver.Url).AbsolutePath.Split('/')[2];

        // The hall's screen and a reader's phone follow, each in a window of its own.
        page.Open($"/c/{competition}/results");
        page.Shows("Follows what the desk types.");
        Assert.Equal("", page.Axe());
        page.Open($"/hall/{competition}");
        page.Shows("space stops");
        Assert.Equal("", page.Axe());
        page.Driver.FindElement(By.TagName("body")).SendKeys(" ");
        page.Shows("stopped");

        // What the tallies say of judges and lanes.
        page.Open($"/c/{competition}/drift");
        page.Shows("Judges, by name");
        Assert.Equal("", page.Axe());

        // How far the scores can be compared, in both languages, and on paper.
        page.Open($"/c/{competition}/statement");
        page.Shows("How far these scores can be compared");
        page.Shows("Seed of the draws");
        Assert.Equal("", page.Axe());
        page.Click("Español");
        page.Shows("jueces estuvieron en las calles");
        Assert.True(page.Print().Length > 10_000);

        // An incident: written down, refused at its field, decided with the rule it rests on.
        page.Open($"/c/{competition}/incidents");
        page.Shows("to be decided by");
        Assert.Equal("", page.Axe());
        page.Click("Write one down");
        page.Click("Write it down");
        page.Shows("Say who is touched, by the numbers they wear.");
        Choose("What it is", "penalty");
        Choose("Workout", "Ferry Bell");
        page.Type("Numbers of those who are touched", "108");
        page.Type("What has happened", "Dropped the dumbbell from above the shoulder.");
        page.Click("Write it down");
        page.Shows("3. penalty: Ferry Bell");
        page.Click("Decide incident 3");
        Choose("What follows", "time or reps are added or taken away");
        page.Type("Added to a time, such as 0:10", "0:30");
        page.Type("Reason", "Seen by two.");
        page.Click("Decide");
        page.Shows("Name the rule it rests on.");
        page.Type("Rule it rests on", "4.2");
        page.Click("Decide");
        page.Shows("Seen by two. Rule: 4.2");
        page.Click("Decide incident 2");
        page.Type("Reason", "The film shows the card is right.");
        page.Click("Decide");
        page.Shows("The film shows the card is right.");

        // Why an athlete stands where they stand.
        page.Open($"/c/{competition}/results");
        Choose("Results of", "Ferry Bell");
        Choose("Division", "Tideline men");
        page.Shows("Anselm Dunnock");
        page.ShowsNot("Incident 2 is not decided.");
        page.Click("why Anselm Dunnock");
        page.Shows("Incident 3: Seen by two. Rule: 4.2.");
        page.Shows("Before it stands");
        Assert.Equal("", page.Axe());

        // Without a time to protest, what is complete can be made final; opened again it wants a reason.
        page.Open($"/c/{competition}/results");
        page.Click("What makes them final");
        page.Type("Minutes to protest in, after the last number of a division was typed", Keys.Control + "a" + Keys.Null + "0");
        page.Click("Store");
        page.ShowsNot("Minutes to protest in");
        Choose("Results of", "Ferry Bell");
        Choose("Division", "Tideline men");
        page.Click("Make final: Ferry Bell, Tideline men");
        page.Shows("final since");
        page.Click("Open again: Ferry Bell, Tideline men");
        page.Click("Open again");
        page.Shows("Say why.");
        page.Type("Reason", "A card was found.");
        page.Click("Open again");
        page.ShowsNot("final since");

        // A phone.
        page.Driver.Manage().Window.Size = new System.Drawing.Size(390, 844);
        page.Open($"/results/{competition}?of=overall");
        page.Shows("Changes by itself.");
        Assert.Equal("", page.Axe());
        Assert.True(
            (long)page.Driver.ExecuteScript("return document.documentElement.scrollWidth")! <= page.Driver.Manage().Window.Size.Width
        );
        // What was refused at its field is told to the console too.
        Assert.DoesNotContain(page.Errors, e => !e.Contains("422", StringComparison.Ordinal));
    }

    [Fact]
    public async Task Two_desks_differ_side_by_side_and_an_open_page_follows_the_correction()
    {
        page.Shows("23 drafts");
        var competition = new Uri(page.Driver.Url).AbsolutePath.Split('/')[2];
        using var desk = Visitors.At(app.Address);
        await RunningApp.SignIn(desk, Role.ScoreDesk);
        var at = $"/api/competitions/{competition}";
        var cards = (await desk.GetFromJsonAsync<JsonNode>(at + "/cards"))!["cards"]!.AsArray();
        var card = (string)cards.First(c => (string)c!["state"]! == "Back" && (string)c["reason"]! == "")!["id"]!;
        var asked = (await desk.GetFromJsonAsync<JsonNode>($"{at}/desk/{card}"))!;
        page.Open($"/c/{competition}/results?of={asked["line"]!["card"]!["workout"]}");
        page.Shows("Follows what the desk types.");
        var follows = page.Driver.CurrentWindowHandle;
        using var typed = await desk.PostAsJsonAsync(
            $"{at}/desk/{card}",
            new
            {
                saveId = Guid.NewGuid(),
                seen = 0,
                typed = new
                {
                    status = "Ran",
                    fields = new[] { new { key = (string)asked["fields"]![0]!["key"]!, text = "317" } },
                    lifts = Array.Empty<object>(),
                    places = Array.Empty<object>(),
                    sure = Array.Empty<string>(),
                },
                correct = false,
                reason = "",
            }
        );
        Assert.Equal(HttpStatusCode.OK, typed.StatusCode);
        page.Shows("317 reps");

        page.Driver.SwitchTo().NewWindow(WindowType.Tab);
        page.Open($"/c/{competition}/desk/{card}");
        page.With("form input", e => e.SendKeys("371"));
        page.Click("Store the second entry");
        page.Shows("Two have typed this card, and not the same.");
        Assert.Equal("", page.Axe());
        Assert.Equal(
            ["317", "371"],
            page.Driver.FindElements(By.CssSelector("[role=alert] tbody tr:first-child td.mono")).Select(e => e.Text[..3])
        );
        // Who corrects begins from what holds.
        page.Click("correct it");
        page.Until("what holds", () => page.Find("form input").GetAttribute("value") == "317" ? "" : null);
        page.With("form input", e => e.SendKeys(Keys.Control + "a" + Keys.Null + "371"));
        page.Type("Reason", "The seven stands before the one.");
        page.Click("Store the correction");
        page.ShowsNot("and not the same");
        page.Driver.SwitchTo().Window(follows);
        page.Shows("371 reps");
        page.ShowsNot("317 reps");
    }

    public void Dispose() => page.Dispose();
}
