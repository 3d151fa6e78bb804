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
        page.Shows("19 drafts");
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
        page.Shows("19 drafts");
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

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
