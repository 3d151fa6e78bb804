using OpenQA.Selenium;

namespace FairCompass.Browser.Tests;

/// <summary>The score desk by keyboard alone, the power gone in mid-card, and the results that follow.</summary>
public sealed class DeskTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;

    public DeskTests() => page = new Page(app.Address);

    [Fact]
    public void A_card_is_typed_by_keyboard_kept_when_the_power_goes_and_counted()
    {
        page.Shows("23 drafts");
        var competition = new Uri(page.Driver.Url).AbsolutePath.Split('/')[2];
        page.Open($"/c/{competition}/desk");
        page.Shows("Score desk");
        Assert.Equal("", page.Axe());
        // Who opens the desk can type at once; a number worn finds the card.
        page.With("#find", e => e.SendKeys("229" + Keys.Enter));
        page.Shows("Lowlight Tender");
        page.Shows("Twin Tides, heat 1, lane 1");
        Assert.Equal("", page.Axe());
        page.With("form input", e => e.SendKeys("9:3O"));
        page.Driver.Navigate().Refresh();
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
        Assert.Equal("", page.Axe());

        page.Open($"/c/{competition}/results");
        page.Shows("provisional");
        page.Shows("9:30");
        Assert.Equal("", page.Axe());
        Assert.Empty(page.Errors);
    }

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
    }
}
