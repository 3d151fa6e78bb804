using System.Net.Http.Json;
using System.Text.Json.Nodes;
using FairCompass.Access;
using OpenQA.Selenium;
using Xunit.Abstractions;

namespace FairCompass.Browser.Tests;

/// <summary>The score desk by keyboard alone, the power gone in mid-card, and the results that follow.</summary>
public sealed class DeskTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly string folder = Directory.CreateTempSubdirectory("fair-compass-film-").FullName;
    private readonly ITestOutputHelper output;
    private readonly Page page;

    public DeskTests(ITestOutputHelper output)
    {
        this.output = output;
        page = new Page(
            app.Address,
            true,
            "--use-fake-ui-for-media-stream",
            "--use-fake-device-for-media-stream",
            "--use-file-for-fake-video-capture=" + Film
        );
    }

    private string Film => Path.Combine(folder, "card.y4m");

    /// <summary>What stands in the code of the card of an entry, by its number.</summary>
    private async Task<string> Printed(string competition, string bib)
    {
        using var desk = Visitors.At(app.Address);
        await RunningApp.SignIn(desk, Role.ScoreDesk);
        var at = $"/api/competitions/{competition}";
        var card = (await desk.GetFromJsonAsync<JsonArray>($"{at}/desk?find={bib}"))!.Single()!["card"]!;
        var papers = (await desk.GetFromJsonAsync<JsonArray>($"{at}/cards/papers?heat={card["heat"]}&card={card["id"]}"))!;
        return (string)papers.Single()!["cards"]!.AsArray().Single(c => (string)c!["id"]! == (string)card["printed"]!)!["content"]!;
    }

    /// <summary>Keys that were pressed on this page since it was opened.</summary>
    private long Keyed() =>
        (long)
            page.Driver.ExecuteScript(
                """
                if (window.keyed === undefined) {
                    window.keyed = 0;
                    document.addEventListener("keydown", () => window.keyed++, true);
                }
                return window.keyed;
                """
            )!;

    [Fact]
    public async Task A_card_is_scanned_typed_by_keyboard_kept_when_the_power_goes_and_counted()
    {
        page.Shows("23 drafts");
        var competition = new Uri(page.Driver.Url).AbsolutePath.Split('/')[2];
        page.Open($"/c/{competition}/desk");
        page.Shows("Score desk");
        Assert.Equal("", page.Axe());
        // The camera sees the table first, and then a card that is held a little askew.
        CardFilm.Write(Film, await Printed(competition, "229"));
        page.Click("Scan with the camera");
        page.Shows("Lowlight Tender");
        page.Open($"/c/{competition}/desk");
        // Who opens the desk can type at once; a number worn finds the card.
        page.With("#find", e => e.SendKeys("229" + Keys.Enter));
        page.Shows("Lowlight Tender");
        page.Shows("Twin Tides, heat 1, lane 1");
        Assert.Equal("", page.Axe());
        page.With("form input", e => e.SendKeys("9:3O"));
        page.Until("kept", () => page.Driver.ExecuteAsyncScript(Kept) is "9:3O" ? "" : null);
        var address = new Uri(page.Driver.Url).AbsolutePath;
        page.LosePower();
        page.Open(address);
        page.Shows("Lowlight Tender");
        page.Until("what was typed", () => page.Find("form input").GetAttribute("value") == "9:3O" ? "" : null);

        // Enter goes down the card, and stores in its last field; what looks like a slip of the pen is asked.
        page.With("form input", e => e.SendKeys(Keys.Enter));
        foreach (var _ in Enumerable.Range(0, 4))
        {
            page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
        }

        page.Shows("“9:3O”: is 9:30 meant?");
        page.Until("the question has the keyboard", () => page.Driver.SwitchTo().ActiveElement().Text == "It is meant so" ? "" : null);
        page.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
        page.Shows("All 120 calories done in 9:30");
        page.Driver.FindElement(By.CssSelector("input[type=file]")).SendKeys(CardFilm.Photograph(Path.Combine(folder, "card.png")));
        page.Until(
            "the photograph",
            () => page.Driver.ExecuteScript("return document.querySelector('main img')?.naturalWidth") is 640L ? "" : null
        );
        Assert.Equal("", page.Axe());

        // A trained hand: the number of the card, what stands in each field, and one key a field.
        page.Open($"/c/{competition}/desk");
        page.Shows("Score desk");
        Assert.Equal(0, Keyed());
        page.With("#find", e => e.SendKeys("232" + Keys.Enter));
        page.Shows("Old Zulu");
        var fields = page.Driver.FindElements(By.CssSelector("form input:not([type=checkbox]):not([type=file])")).Count;
        foreach (var text in Enumerable.Repeat("", fields - 1).Prepend("9:41"))
        {
            page.Driver.SwitchTo().ActiveElement().SendKeys(text + Keys.Enter);
        }

        page.Shows("All 120 calories done in 9:41");
        output.WriteLine($"{Keyed()} keys for a card of {fields} fields of which one is filled with 4 characters, its number included");
        // The colon takes the shift key as well.
        Assert.Equal("232".Length + 1 + "9:41".Length + 1 + fields, Keyed());

        page.Open($"/c/{competition}/results");
        page.Shows("provisional");
        page.Shows("9:30");
        Assert.Equal("", page.Axe());
        Assert.Empty(page.Errors);
    }

    private const string Kept = """
        const done = arguments[arguments.length - 1];
        const opened = indexedDB.open("keyval-store");
        opened.onsuccess = () => {
            const all = opened.result.transaction("keyval").objectStore("keyval").getAll();
            all.onsuccess = () => done(Object.values(all.result[0]?.values ?? {})[0]);
        };
        """;

    [Fact]
    public void Who_types_what_another_desk_has_stored_meanwhile_is_told_and_loses_nothing()
    {
        page.Shows("23 drafts");
        var competition = new Uri(page.Driver.Url).AbsolutePath.Split('/')[2];
        page.Open($"/c/{competition}/desk");
        page.With("#find", e => e.SendKeys("232" + Keys.Enter));
        page.Shows("Old Zulu");
        var (card, first) = (new Uri(page.Driver.Url).AbsolutePath, page.Driver.CurrentWindowHandle);
        page.With("form input", e => e.SendKeys("10:11"));
        page.Driver.SwitchTo().NewWindow(WindowType.Tab);
        page.Open(card);
        page.With("form input", e => e.SendKeys(Keys.Control + "a" + Keys.Null + "10:10"));
        page.Click("Store");
        page.Shows("Typed by Demo organiser");
        page.Driver.SwitchTo().Window(first);
        page.With("form > button.press", e => e.Click());
        // The window asks anew when it is looked at again: whichever comes first, the answer to its own entry or to its question, tells.
        page.Until(
            "who typed is told",
            () =>
            {
                var text = page.Find("main").Text;
                return
                    text.Contains("Somebody has typed this card meanwhile.", StringComparison.Ordinal)
                    || text.Contains("You have typed this card yourself", StringComparison.Ordinal)
                    ? ""
                    : null;
            }
        );
        page.Shows("10:10");
        Assert.Equal("10:11", page.Find("form input").GetAttribute("value"));
    }

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
        Directory.Delete(folder, recursive: true);
    }
}
