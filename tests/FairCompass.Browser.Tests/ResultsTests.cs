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

    /// <summary>A judge opens the own link on a phone, tests a movement with keys, stops, goes on after a reload, learns, and sees the
    /// own page; the head judge’s page is closed to the organiser.</summary>
    [Fact]
    public async Task A_judge_trains_by_link()
    {
        using var http = Visitors.At(app.Address);
        await RunningApp.SignIn(http);
        var at = $"/api/competitions/{(await http.GetFromJsonAsync<JsonArray>("/api/competitions"))![0]!["id"]}";
        var judge = (await http.GetFromJsonAsync<JsonArray>(at + "/officials"))!.First(o => (string)o!["kind"]! == "Judge")!;
        using var given = await http.PostAsJsonAsync(at + "/training/links", new { official = judge["id"], days = 2 });
        Assert.Equal(HttpStatusCode.OK, given.StatusCode);
        var link = new Uri((string)(await given.Content.ReadFromJsonAsync<JsonNode>())!["url"]!);
        var training = "/train/" + at.Split('/')[^1];

        using var phone = new Page(app.Address, signedIn: false);
        phone.Driver.Manage().Window.Size = new(390, 844);
        phone.Open("/open" + link.Fragment);
        phone.Click("Open on this device");
        phone.Click("Train my eyes");
        phone.Shows("Training of");
        phone.Shows((string)judge["name"]!);
        Assert.Equal("", phone.Axe());
        Page.Pick(phone.Find("select"), "air squat");
        phone.Click("Test");
        void Press(string key) => phone.Driver.FindElement(By.TagName("body")).SendKeys(key);
        foreach (var (number, keys) in new[] { (1, "1"), (2, "20"), (3, "3"), (4, "21") })
        {
            phone.Shows($"{number} of 48");
            if (number == 2)
            {
                Assert.Equal("", phone.Axe());
            }

            foreach (var key in keys)
            {
                Press($"{key}");
            }
        }

        phone.Shows("5 of 48, test");
        phone.Driver.Navigate().Refresh();
        phone.Shows("5 of 48, test");
        phone.Click("Stop");
        phone.Shows("4 of 48");

        // In learning the truth stands beside the rep, with the next one a press away; here in Spanish, which the address carries on.
        phone.Click("Español");
        phone.Shows("Entrenamiento de");
        phone.Shows("Repeticiones dudosas de esta pista");
        Assert.Equal("", phone.Axe());
        phone.Click("Aprender");
        phone.Shows("1 de");
        Press("1");
        phone.Shows("de la línea.");
        Assert.Equal("", phone.Axe());
        phone.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
        phone.Shows("2 de");

        // A borderline rep that the head judge drew and ruled on: called once, then the ruling.
        page.Open("/sign-in");
        page.Type("Name", "Demo head judge");
        page.Type("Passphrase", "quayside tide table");
        page.Click("Sign in");
        page.Shows("23 drafts");
        page.Open("/c/" + at.Split('/')[^1] + "/training");
        page.Shows("Borderline reps of this floor");
        page.Click("Show it");
        page.Find("section[aria-label='Borderline reps'] svg");
        page.Click("Keep it");
        page.Shows("it is what judges read.");
        page.Type("Why, in a sentence", "Held too short.");
        page.Click("Keep it");
        page.Shows("Called good by 0");
        Assert.Equal("", page.Axe());
        phone.Open(training + "/floor");
        phone.Shows("1 of 1.");
        Assert.Equal("", phone.Axe());
        phone.Click("No-rep");
        phone.Shows("No-rep, as the head judge rules: Held too short.");
        Assert.Equal("", phone.Axe());
        phone.Click("Next");
        phone.Shows("You have called every one there is.");
        Assert.Empty(phone.Errors);
    }

    /// <summary>The hall’s screen and two phones: a rep is shown, called on both, changed on one, and how the hall called it stands without
    /// names.</summary>
    [Fact]
    public async Task Two_phones_and_the_hall_are_calibrated()
    {
        using var http = Visitors.At(app.Address);
        await RunningApp.SignIn(http);
        var at = $"/api/competitions/{(await http.GetFromJsonAsync<JsonArray>("/api/competitions"))![0]!["id"]}";
        var judges = (await http.GetFromJsonAsync<JsonArray>(at + "/officials"))!.Where(o => (string)o!["kind"]! == "Judge").Skip(3);
        var phones = new List<Page>();
        using var hall = new Page(app.Address, signedIn: false);
        try
        {
            foreach (var judge in judges.Take(2))
            {
                using var given = await http.PostAsJsonAsync(at + "/training/links", new { official = judge!["id"], days = 2 });
                var link = new Uri((string)(await given.Content.ReadFromJsonAsync<JsonNode>())!["url"]!);
                var phone = new Page(app.Address, signedIn: false);
                phones.Add(phone);
                phone.Driver.Manage().Window.Size = new(390, 844);
                phone.Open("/open" + link.Fragment);
                phone.Click("Open on this device");
                phone.Click("Train my eyes");
                phone.Click("Calibration together, in the hall");
                phone.Shows("The head judge has not begun one.");
            }

            hall.Open("/sign-in");
            hall.Type("Name", "Demo head judge");
            hall.Type("Passphrase", "quayside tide table");
            hall.Click("Sign in");
            hall.Shows("23 drafts");
            hall.Open("/c/" + at.Split('/')[^1] + "/training");
            hall.Shows("Calibration together");
            Assert.Equal("", hall.Axe());
            Page.Pick(hall.Find("section[aria-label='Calibration together'] select"), "pull-up");
            hall.Click("Begin");
            hall.Click("Show the first rep");
            hall.Shows("rep 1 of 18");
            Assert.Equal("", hall.Axe());
            foreach (var phone in phones)
            {
                phone.Shows("Rep 1 of 18");
                phone.Click("Good");
            }

            Assert.Equal("", phones[0].Axe());
            hall.Shows("called by 2 of 2");
            phones[0].Click("No-rep");
            for (var rep = 2; rep <= 12; rep++)
            {
                hall.Click("Next rep");
                hall.Shows($"rep {rep} of 18");
            }

            phones[1].Shows("Rep 12 of 18");
            phones[1].Click("Not seen");
            hall.Click("How the hall called them");
            hall.Shows("What it was");
            hall.Shows("Agreement");
            Assert.Equal("", hall.Axe());
            hall.Type("The ruling, in a sentence", "The chin, not the nose.");
            hall.Click("Write it down");
            hall.Shows("Written down: The chin, not the nose.");
            hall.Click("Next rep");
            hall.Shows("rep 13 of 18");
        }
        finally
        {
            phones.ForEach(p => p.Dispose());
        }
    }

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
