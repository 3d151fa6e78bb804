using System.Text.RegularExpressions;
using FairCompass.Tests.Shared;
using OpenQA.Selenium;
using UglyToad.PdfPig;

namespace FairCompass.Browser.Tests;

/// <summary>An organiser enters people, plans a day, changes it by hand, and everybody reads their own times.</summary>
public sealed class DayTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;
    private readonly string competition;

    public DayTests()
    {
        page = new Page(app.Address);
        page.Shows("23 drafts");
        competition = new Uri(page.Driver.Url).AbsolutePath.Split('/')[2];
    }

    private const string Head = "Name\tDivision\tSex\tGym\tNumber\n";

    [Fact]
    public void People_are_read_from_a_list_with_two_mistakes_and_taken_once_they_are_mended()
    {
        page.Open($"/c/{competition}/entries");
        page.Shows("Corin Oake");
        Assert.Equal("", page.Axe());
        page.With("summary", e => e.Click());
        Fill(
            "textarea",
            Head + "Fenna Quay\tTideline\tF\tOld Windlass\t901\nHal Neap\tTidelin\tM\tKelp\t902\nWren Cobb\tEstuary\t?\tHeron\t903\n"
        );
        page.Click("Look at it");
        page.Shows("“Tidelin” is no division of this competition. Is Tideline meant?");
        page.Shows("“?” is neither man nor woman; loads hang on it.");
        Assert.Equal("", page.Axe());
        page.Click("Put it away");
        page.With("summary", e => e.Click());
        Fill(
            "textarea",
            Head + "Fenna Quay\tTideline\tF\tOld Windlass\t901\nHal Neap\tTideline\tM\tKelp\t902\nWren Cobb\tEstuary\tF\tHeron\t903\n"
        );
        page.Click("Look at it");
        page.Shows("3 new, 0 changed, 144 gone, 0 as they are.");
        page.Click("Take the list");
        page.Shows("Taken: 3 new, 0 changed.");
        page.Shows("Fenna Quay");
        page.Shows("147 entered");

        // One of them does not start; why is asked, and kept.
        page.Click("Fenna Quay");
        page.Click("Withdraw");
        page.Shows("Say why.");
        page.Type("Reason", "ill");
        page.Click("Withdraw");
        page.Shows("is withdrawn: ill");
        Assert.Equal("", page.Axe());
        page.Click("Close");
        page.Shows("146 entered");
    }

    [Fact]
    public void A_day_is_planned_changed_by_hand_delayed_printed_and_read_on_a_phone()
    {
        page.Open($"/c/{competition}/days");
        page.Shows("Twin Tides");
        Assert.Equal("", page.Axe());
        // A better plan is sought beside all that follows.
        page.Click("Seek a better plan");
        page.Shows("Seeking a better plan");
        page.Click("That will do");
        page.Shows("No better plan was found");
        var before = Starts("heat 7, Ferry Bell");
        // Heat 6 of Ferry Bell is twelve minutes late; who stands in it keeps the lane.
        page.With("button[aria-label$=' heat 6, Ferry Bell']", e => e.Click());
        page.Shows("Ferry Bell, heat 6");
        Assert.Equal("", page.Axe());
        page.With("input[aria-label$='is fixed in lane 2']", e => e.Click());
        Field("Minutes late", "12");
        page.Click("Delay, and what follows");
        page.Shows("What the last step has changed");
        page.Until("heat 7 is later", () => Starts("heat 7, Ferry Bell") != before ? "" : null);

        // Two change places.
        page.With("button[aria-label$=' heat 8, Ferry Bell']", e => e.Click());
        var first = page.Words("[role=dialog] tbody tr bdi");
        page.With("[role=dialog] select[aria-label^='Swap']", e => Page.Pick(e, e.FindElements(By.TagName("option"))[1].Text));
        page.Until("somebody else in lane 1", () => page.Words("[role=dialog] tbody tr bdi") != first ? "" : null);
        page.Click("Close");

        // The caller's sheet of a heat that was run, and its cards.
        page.Click("Cards of these heats");
        page.Shows("To be chased");
        page.With("button[aria-label='Make the cards of Towline, heat 1']", e => e.Click());
        page.Shows("6 printed");
        page.Shows("Twin Tides, heat 4, lane 1");
        Assert.Equal("", page.Axe());
        page.With("a[aria-label='Open Towline, heat 1']", e => e.Click());
        page.Shows("In the lanes");
        page.Shows("Card of Crew of Four");
        using (var pdf = PdfDocument.Open(page.Print()))
        {
            var pages = pdf.GetPages().Select(p => p.Text).ToList();
            Assert.Equal(7, pages.Count);
            Assert.Contains("clock starts at", pages[0], StringComparison.Ordinal);
            Assert.All(pages.Skip(1), p => Assert.Matches(new Regex("Lane ?card"), p));
            // Whose card it is, stands on it.
            var teams = page
                .Driver.FindElements(By.CssSelector(".heat-sheet tbody td:nth-child(3) bdi.font-semibold"))
                .Select(e => e.Text)
                .ToList();
            Assert.Equal(6, teams.Count);
            for (var i = 0; i < teams.Count; i++)
            {
                Assert.Contains(
                    teams[i].Replace(" ", "", StringComparison.Ordinal),
                    pages[i + 1].Replace(" ", "", StringComparison.Ordinal),
                    StringComparison.Ordinal
                );
            }
        }

        // An athlete finds the own times by name, on a phone, and follows them.
        page.Open($"/times/{competition}");
        page.Type("Your name, team or gym", "Corin Oake");
        page.Click("Corin Oake Tideline, Kelp Street Strength");
        page.Shows("Undertow, heat");
        Assert.Equal("", page.Axe());
        page.Click("Follow with a calendar");
        page.Shows("whoever has it sees these times and nothing else");
        Assert.Matches(new Regex(@"/api/times/[\w-]{40,}\.ics"), page.Text);
    }

    private string Starts(string heat) => page.Find($"button[aria-label$='{heat}']").GetAttribute("aria-label")!;

    private void Field(string label, string text) =>
        page.Until(
            "field " + label,
            () =>
                Page.Done(
                    page.Field(label),
                    e =>
                    {
                        e.SendKeys(Keys.Control + "a");
                        e.SendKeys(text);
                    }
                )
        );

    /// <summary>Tabs cannot be typed into a field, so they are pasted.</summary>
    private void Fill(string css, string text)
    {
        page.With(
            css,
            e =>
            {
                e.Clear();
                e.Click();
            }
        );
        page.Insert(text);
    }

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
