using System.Net.Http.Json;
using System.Text.Json.Nodes;
using FairCompass.Tests.Shared;
using OpenQA.Selenium;

namespace FairCompass.Browser.Tests;

/// <summary>Leaving, closing, being cut off: nothing that was typed is lost, and nothing is done to another line.</summary>
public sealed class LostWorkTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;

    public LostWorkTests() => page = new Page(app.Address);

    private void Type(string label, string text)
    {
        var field = page.Field(label);
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(text);
    }

    private string ValueOf(string label) => page.Field(label).GetAttribute("value") ?? "";

    private void Block(params string[] addresses) =>
        page.Driver.ExecuteCdpCommand("Network.setBlockedURLs", new Dictionary<string, object?> { ["urls"] = addresses });

    [Fact]
    public void What_was_typed_of_a_competition_survives_leaving_closing_and_being_cut_off()
    {
        page.Driver.ExecuteCdpCommand("Network.enable", []);
        page.Open("/");
        page.Shows("23 drafts");
        var competition = page.Driver.Url[..page.Driver.Url.IndexOf("/w/", StringComparison.Ordinal)];
        var path = new Uri(competition).AbsolutePath;

        // Typed and left at once.
        page.Open(path);
        Type("Place", "First hall");
        page.With("a[href$='/checks']", e => e.Click());
        page.Until("the checks", () => page.Driver.Url.EndsWith("/checks", StringComparison.Ordinal) ? "" : null);
        page.Open(path);
        page.Until("the first place", () => ValueOf("Place") == "First hall" ? "" : null);

        // Typed while the application is away, another page opened, the window closed.
        Block("*/api/competitions/*");
        Type("Place", "Second hall");
        page.Shows("kept in this browser and tried again");
        page.Driver.Navigate().GoToUrl("about:blank");
        Block();
        page.Open(path);
        page.Until("the second place", () => ValueOf("Place") == "Second hall" ? "" : null);
        page.Until("saved", () => page.Text.Contains("not saved", StringComparison.Ordinal) ? null : "");
        page.Open("/");
        page.Shows("23 drafts");
        page.Open(path);
        page.Until("the second place, stored", () => ValueOf("Place") == "Second hall" ? "" : null);
        Assert.DoesNotContain("restored", page.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void A_mend_of_an_older_reading_changes_its_own_line_or_nothing()
    {
        page.Driver.ExecuteCdpCommand("Network.enable", []);
        page.Click("New workout");
        page.Until("the new draft", () => page.DraftText.StartsWith("New workout", StringComparison.Ordinal) ? "" : null);
        page.TypeDraft("Ropes\n  for Tideline\n\n9:00 for time\n  20 sit-upp\n  20 air squat\n\nscore: time\n  tie: shared\n");
        page.Until("a mend", () => page.Driver.FindElements(By.XPath("//aside//button[contains(., 'sit-up')]")).FirstOrDefault());
        Block("*/explain");

        // One line more above: the mend moves along with its words.
        var editor = page.Find(".cm-content");
        editor.SendKeys(Keys.Control + Keys.Home);
        editor.SendKeys(Keys.End + Keys.Enter + "// a remark");
        page.Shows("not up to date");
        page.Until(
            "the mend",
            () => Page.Done(page.Driver.FindElements(By.XPath("//aside//button[contains(., 'sit-up')]")).FirstOrDefault(), e => e.Click())
        );
        page.Until("mended", () => page.DraftText.Contains("20 sit-up\n", StringComparison.Ordinal) ? "" : null);
        Assert.Contains("20 air squat\n", page.DraftText, StringComparison.Ordinal);
        Assert.Contains("// a remark\n", page.DraftText, StringComparison.Ordinal);

        // The words themselves were changed: nothing is done, and that is said.
        page.Until(
            "the mend again",
            () => Page.Done(page.Driver.FindElements(By.XPath("//aside//button[contains(., 'sit-up')]")).FirstOrDefault(), e => e.Click())
        );
        page.Shows("so nothing was done");
    }

    /// <summary>Somebody saves everything that a competition has besides its lists, while another window has typed something
    /// else.</summary>
    [Fact]
    public async Task Two_windows_on_a_competition_lose_nothing_and_say_everything_that_was_changed()
    {
        using var http = Visitors.At(app.Address);
        await RunningApp.SignIn(http);
        var id = (await http.GetFromJsonAsync<JsonArray>("/api/competitions"))![0]!["id"]!.GetValue<Guid>();
        page.Open($"/c/{id}");
        var name = ValueOf("Name");
        var stored = (await http.GetFromJsonAsync<JsonNode>($"/api/competitions/{id}"))!;
        var theirs = stored["competition"]!.DeepClone();
        theirs["place"] = "The other hall";
        theirs["policies"] = JsonNode.Parse("""[{ "topic": "bell", "answer": "begun", "division": null }]""");
        theirs["houseRules"]!.AsArray().Add(JsonNode.Parse("""{ "movement": "pull-up", "clause": "chin", "doesNotApply": true }"""));
        theirs["overall"] = JsonNode.Parse("""{ "points": { "kind": "sumOfPlaces" }, "absentEarn": true }""");
        using var saved = await http.PutAsJsonAsync(
            $"/api/competitions/{id}",
            new
            {
                baseRevision = stored["revision"],
                saveId = Guid.NewGuid(),
                competition = theirs,
            }
        );
        Assert.True(saved.IsSuccessStatusCode, await saved.Content.ReadAsStringAsync());

        Type("Name", "Ferry Games");
        page.Shows("not saved: changed elsewhere");
        foreach (var change in new[] { "The other hall", "bell", "pull-up", "overall table" })
        {
            page.Shows(change);
        }

        page.Click("Keep both changes");
        page.ShowsNot("changed elsewhere");
        page.Until("saved", () => page.Words("[role=status]") == "saved" ? "" : null);
        var now = (await http.GetFromJsonAsync<JsonNode>($"/api/competitions/{id}"))!["competition"]!;
        Assert.Equal("Ferry Games", now["name"]!.GetValue<string>());
        Assert.Equal("The other hall", now["place"]!.GetValue<string>());
        Assert.Equal("begun", now["policies"]![0]!["answer"]!.GetValue<string>());
        Assert.Equal("chin", now["houseRules"]!.AsArray()[^1]!["clause"]!.GetValue<string>());
        Assert.True(now["overall"]!["absentEarn"]!.GetValue<bool>());

        // What was settled is one step back.
        page.Click("Undo");
        page.Until("the place of before", () => ValueOf("Place") != "The other hall" && ValueOf("Name") == "Ferry Games" ? "" : null);
        page.Click("Undo");
        page.Until("the name of before", () => ValueOf("Name") == name ? "" : null);
    }

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
