using OpenQA.Selenium;

namespace FairCompass.Browser.Tests;

/// <summary>Workouts beyond rounds and ladders, as a head judge meets them on the page.</summary>
public sealed class EveryWorkoutTests : IDisposable
{
    private readonly RunningApp app = new();
    private readonly Page page;

    public EveryWorkoutTests() => page = new Page(app.Address);

    [Fact]
    public void Stations_gates_and_several_counters()
    {
        // A rota: who is where at the playhead, and the judges a lane needs.
        page.With("bdi[title='Tide Table']", e => e.Click());
        page.Shows("Now the lane needs 4 judges: Row, Bags, Mat, Bells.");
        page.Shows("not counted in the score, +6 at 11");
        var playhead = page.Driver.FindElement(By.CssSelector("input[type=range]"));
        playhead.SendKeys(Keys.Home);
        page.Shows("1st: Row, 2nd: Bags, 3rd: Mat, 4th: Bells; 1:10 left, then all move on without a call");

        // A gate is a fork of the clock, and stands in its round.
        page.With("bdi[title='Drying Out']", e => e.Click());
        page.Shows("The gate: who has done 144 goes on until 12:00; all others stop.");
        page.Shows("gate, round 3 only, adds 2:00");
        page.Shows("in 6s, after each 6 m team-bag carry");

        // Two counters beside each other: each is asked for.
        page.With("bdi[title='Twin Tides']", e => e.Click());
        page.Shows("60 in all, not counted in the score");
        page.Click("Try a result");
        page.Type("first in each interval (burpee to the target), reps at the cap", "49");
        page.Type("in the rest of the intervals (rowing machine), calories at the cap", "120");
        page.Click("Score it");
        page.Shows("All 120 are done, so the work is finished: enter the finishing time.");
        var calories = page.Field("in the rest of the intervals (rowing machine), calories at the cap");
        calories.SendKeys(Keys.Backspace + Keys.Backspace + Keys.Backspace + "83");
        page.Click("Score it");
        page.Shows("83 of 120 at the cap");
        page.Shows("119 of 120 at the cap becomes 12:01 (119 of 120)");
        Assert.DoesNotContain(page.Errors, e => !e.Contains("422", StringComparison.Ordinal));
    }

    [Fact]
    public void The_overall_rule_and_a_competition_from_a_file()
    {
        page.With("nav[aria-label=Route] ol a", e => e.Click());
        page.Click("State it");
        page.Type("First place", Keys.Backspace + Keys.Backspace + Keys.Backspace + "0");
        page.Shows("Over 0 and up to 100,000");
        page.Type("First place", Keys.Backspace + "50");
        page.ShowsNot("Over 0 and up to 100,000");
        page.Driver.Navigate().Refresh();
        Assert.Equal("50", page.Field("First place").GetAttribute("value"));

        // A file that is none is refused with its place; a good one opens.
        var folder = Directory.CreateTempSubdirectory("fair-compass");
        var bad = Path.Combine(folder.FullName, "bad.json");
        File.WriteAllText(bad, "{\"format\":\"fair-compass/competition\",\"version\":9}");
        var input = page.Driver.FindElement(By.CssSelector("input[type=file][aria-label='Open a competition from a file']"));
        input.SendKeys(bad);
        page.Shows("$.version: Version 9 was written by a newer program");
        page.Driver.FindElement(By.CssSelector("input[type=file][aria-label='Open a competition from a file']"))
            .SendKeys(Repository.Path("docs/examples/competition-file.json"));
        page.Shows("Quarry Pond Throwdown");
        page.With("bdi[title='Pond Ladder']", e => e.Click());
        page.Shows("54 in all");
        folder.Delete(recursive: true);
    }

    public void Dispose()
    {
        page.Dispose();
        app.Dispose();
    }
}
