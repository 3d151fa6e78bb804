using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Dapper;
using Npgsql;
using OpenQA.Selenium;

namespace FairCompass.Browser.Tests;

/// <summary>Judges train by link, and are calibrated.</summary>
public sealed partial class ResultsTests
{
    private sealed record Known(string Clause, double Margin, int Moment);

    /// <summary>The address of the demo’s competition.</summary>
    private async Task<string> Competition()
    {
        using var http = Visitors.At(app.Address);
        await RunningApp.SignIn(http);
        return $"/api/competitions/{(await http.GetFromJsonAsync<JsonArray>("/api/competitions"))![0]!["id"]}";
    }

    /// <summary>Opens the link of a judge on a phone, as far as the judge’s training; the judge’s name.</summary>
    private async Task<string> OpenAsJudge(Page phone, string at, int index)
    {
        using var http = Visitors.At(app.Address);
        await RunningApp.SignIn(http);
        var judge = (await http.GetFromJsonAsync<JsonArray>(at + "/officials"))!
            .Where(o => (string)o!["kind"]! == "Judge")
            .ElementAt(index)!;
        using var given = await http.PostAsJsonAsync(at + "/training/links", new { official = judge["id"], days = 2 });
        Assert.Equal(HttpStatusCode.OK, given.StatusCode);
        phone.Driver.Manage().Window.Size = new(390, 844);
        phone.Open("/open" + new Uri((string)(await given.Content.ReadFromJsonAsync<JsonNode>())!["url"]!).Fragment);
        phone.Click("Open on this device");
        phone.Click("Train my eyes");
        phone.Shows("Training of");
        return (string)judge["name"]!;
    }

    /// <summary>A judge opens the own link on a phone, tests a movement with keys, stops, goes on after a reload, learns, and sees the
    /// own page; the head judge’s page is closed to the organiser.</summary>
    [Fact]
    public async Task A_judge_trains_by_link()
    {
        var at = await Competition();
        using var phone = new Page(app.Address, signedIn: false);
        var judge = await OpenAsJudge(phone, at, 0);
        var training = "/train/" + at.Split('/')[^1];
        phone.Shows(judge);
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
        SignInAs(page, "Demo head judge");
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

        // One from a film: a file that is none is said to be none; then some seconds of one are taken and ruled on.
        page.With("section[aria-label='Borderline reps'] summary", e => e.Click());
        page.Driver.ExecuteScript(FilmOf + "give(new File(['a film'], 'rep.webm', { type: 'video/webm' }));");
        page.Shows("This browser cannot show that file as a film.");
        page.Driver.ExecuteScript(FilmOf + "record(1500);");
        page.Click("Take the rep from here");
        page.Shows("Once more");
        page.Type("Why, of the film", "The hand is beside the mark.");
        Assert.Equal("", page.Axe());
        page.Click("Keep the film");
        page.Shows("Filmed.");
        phone.Open(training + "/floor");
        phone.Find("svg[data-at]:not([data-at='0'])");
        Assert.Equal("", phone.Axe());
        phone.Click("Good");
        phone.Shows("No-rep, as the head judge rules: The hand is beside the mark.");
        phone.Shows("Again at half speed");
        Assert.Empty(phone.Errors);
    }

    /// <summary>Gives the page a file as its file button does; a film is recorded of a picture in which something moves.</summary>
    private const string FilmOf = """
        const give = (file) => {
          const held = new DataTransfer();
          held.items.add(file);
          const input = document.querySelector("input[accept='video/*']");
          input.files = held.files;
          input.dispatchEvent(new Event('change', { bubbles: true }));
        };
        const record = (milliseconds) => {
          const page = Object.assign(document.createElement('canvas'), { width: 240, height: 320 });
          const ink = page.getContext('2d');
          let n = 0;
          const draw = setInterval(() => {
            ink.fillStyle = 'white';
            ink.fillRect(0, 0, 240, 320);
            ink.fillStyle = 'black';
            ink.fillRect(60, (n++ * 4) % 300, 80, 20);
          }, 30);
          const parts = [];
          const film = new MediaRecorder(page.captureStream(30), { mimeType: 'video/webm' });
          film.ondataavailable = (e) => parts.push(e.data);
          film.onstop = () => {
            clearInterval(draw);
            give(new File(parts, 'rep.webm', { type: 'video/webm' }));
          };
          film.start();
          setTimeout(() => film.stop(), milliseconds);
        };

        """;

    /// <summary>The hall’s screen and two phones: a rep is shown, called on both, changed on one, and how the hall called it stands without
    /// names.</summary>
    [Fact]
    public async Task Two_phones_and_the_hall_are_calibrated()
    {
        var at = await Competition();
        var phones = new List<Page>();
        using var hall = new Page(app.Address, signedIn: false);
        try
        {
            foreach (var index in new[] { 3, 4 })
            {
                var phone = new Page(app.Address, signedIn: false);
                phones.Add(phone);
                await OpenAsJudge(phone, at, index);
                phone.Click("Calibration together, in the hall");
                phone.Shows("The head judge has not begun one.");
            }

            SignInAs(hall, "Demo head judge");
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

    /// <summary>A judge whose line of depth is two steps lenient learns half a sitting and goes on: depth is asked again, and said to
    /// be.</summary>
    [Fact]
    public async Task A_judge_is_asked_again_for_the_clause_that_is_off()
    {
        var at = await Competition();
        using var phone = new Page(app.Address, signedIn: false);
        await OpenAsJudge(phone, at, 5);

        // Half of it is called without watching film after film: as the same device, which alone has the link.
        var jar = new CookieContainer();
        foreach (var cookie in phone.Driver.Manage().Cookies.AllCookies)
        {
            jar.Add(app.Address, new System.Net.Cookie(cookie.Name, cookie.Value, "/"));
        }

        using var fast = Visitors.At(app.Address, jar);
        var sitting = Guid.NewGuid();
        using var begun = await fast.PostAsJsonAsync(
            at + "/training/sittings",
            new
            {
                id = sitting,
                mode = "Learning",
                workout = (Guid?)null,
                movement = "air-squat",
                stills = false,
            }
        );
        Assert.Equal(HttpStatusCode.OK, begun.StatusCode);
        await using var db = new NpgsqlConnection(app.Connection);
        const int Before = 30;
        for (var number = 1; number <= Before; number++)
        {
            await fast.GetAsync($"{at}/training/sittings/{sitting}/next");
            var known = await db.QuerySingleAsync<Known>(
                "select clause, margin, moment from training_rep where sitting_id = @sitting and number = @number",
                new { sitting, number }
            );
            var noRep = known.Margin < (known.Clause == "depth" ? -50 : 0);
            using var taken = await fast.PostAsJsonAsync(
                $"{at}/training/sittings/{sitting}/calls/{number}",
                new
                {
                    call = noRep ? "NoRep" : "Good",
                    reason = noRep ? known.Clause : null,
                    milliseconds = known.Moment + 500,
                }
            );
            Assert.Equal(HttpStatusCode.OK, taken.StatusCode);
        }

        phone.Driver.Navigate().Refresh();
        phone.Click("Go on");
        var said = "";
        for (var number = Before + 1; number <= 40 && !said.Contains("Asked again", StringComparison.Ordinal); number++)
        {
            phone.Shows($"{number} of 48");
            phone.Driver.FindElement(By.TagName("body")).SendKeys("1");
            phone.Shows("the line.");
            said = phone.Find("[role=status]").Text;
            phone.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
        }

        Assert.Contains("Asked again: so far you see this line elsewhere.", said, StringComparison.Ordinal);
        Assert.Contains("hip", said, StringComparison.OrdinalIgnoreCase);
        Assert.Empty(phone.Errors);
    }
}
