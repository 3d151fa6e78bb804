using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Dapper;
using Npgsql;
using OpenQA.Selenium;

namespace FairCompass.Browser.Tests;

/// <summary>Training that follows the judge.</summary>
public sealed partial class ResultsTests
{
    private sealed record Known(string Clause, double Margin, int Moment);

    /// <summary>A judge whose line of depth is two steps lenient learns half a sitting and goes on: depth is asked again, and said to
    /// be.</summary>
    [Fact]
    public async Task A_judge_is_asked_again_for_the_clause_that_is_off()
    {
        using var http = Visitors.At(app.Address);
        await RunningApp.SignIn(http);
        var at = $"/api/competitions/{(await http.GetFromJsonAsync<JsonArray>("/api/competitions"))![0]!["id"]}";
        var judge = (await http.GetFromJsonAsync<JsonArray>(at + "/officials"))!.Last(o => (string)o!["kind"]! == "Judge")!;
        using var given = await http.PostAsJsonAsync(at + "/training/links", new { official = judge["id"], days = 2 });
        var link = new Uri((string)(await given.Content.ReadFromJsonAsync<JsonNode>())!["url"]!);

        using var phone = new Page(app.Address, signedIn: false);
        phone.Driver.Manage().Window.Size = new(390, 844);
        phone.Open("/open" + link.Fragment);
        phone.Click("Open on this device");
        phone.Click("Train my eyes");
        phone.Shows("Training of");

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
