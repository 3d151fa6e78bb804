using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Which judge of a lane watches what: the clock, the briefs and the card say the same.</summary>
public class JudgePostTests
{
    private const string Held = "max sit-up\n    hold: 1 crew-mate in front plank, for every whole rep\n";

    private static Trial Pair(string judges, string work = "9:00 for reps\n  " + Held) =>
        Trial.Of($"Draft\n  for Ferry Pairs\n  a/b is man/woman\n  judges: {judges}\n\n{work}{Trial.ForReps}");

    private static Trial Two(string judges) =>
        Pair(
            judges,
            "7:00 stations for reps, swap when Deck is done\n  station Oars\n    max cal rowing machine\n  station Deck\n    20 pull-up\n"
        );

    private static int Judges(Trial trial) => Timeline.Of(trial.First.Course)!.Judges;

    [Theory]
    [InlineData("work by post 1, hold by post 2", 2)]
    [InlineData("work by post 1", 2)]
    [InlineData("hold by post 2", 2)]
    [InlineData("work by post 1, hold by post 1", 1)]
    public void A_lane_needs_a_judge_for_each_post_and_for_what_has_none(string judges, int needed) =>
        Assert.Equal(needed, Judges(Pair(judges)));

    [Theory]
    [InlineData("Oars by post 1, Deck by post 2", 2)]
    [InlineData("Deck by post 3", 2)]
    [InlineData("work by post 1", 1)]
    [InlineData("work by post 1, deck by post 2", 2)]
    public void Stations_are_posts(string judges, int needed) => Assert.Equal(needed, Judges(Two(judges)));

    [Fact]
    public void Without_the_line_each_station_has_a_judge_and_a_hold_one_more()
    {
        var without = Trial.Pairs("9:00 for reps\n  " + Held + Trial.ForReps);
        Assert.Equal(2, Judges(without));
        Assert.DoesNotContain("Post 1", without.Paper(Audience.Judge), StringComparison.Ordinal);
        Assert.Contains("Judge 2", without.Paper(Audience.LaneCard), StringComparison.Ordinal);
    }

    [Fact]
    public void The_card_has_a_line_for_the_name_of_each()
    {
        var card = Pair("work by post 1, hold by post 2").Paper(Audience.LaneCard);
        Assert.Contains("Judge, post 1 (work)", card, StringComparison.Ordinal);
        Assert.Contains("Judge, post 2 (hold)", card, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(1, Language.English, "You are at post 1: counts the work.", "Not your count: post 2: watches the hold")]
    [InlineData(2, Language.English, "You are at post 2: watches the hold", "Not your count: post 1: counts the work.")]
    [InlineData(2, Language.Spanish, "Estás en el puesto 2: vigila la posición", "No es tu cuenta: puesto 1: cuenta el trabajo.")]
    [InlineData(7, Language.English, "Post 1: counts the work.", "Post 2: watches the hold")]
    public void Each_judge_has_a_brief(int post, Language language, string mine, string others)
    {
        var read = Pair("work by post 1, hold by post 2").Read;
        var brief = new BriefBuilder(read, null, new(2027, 6, 12), new() { Post = post, Language = language }).Build(Audience.Judge);
        Assert.Equal(post == 7 ? null : post, brief.Post);
        Assert.Equal([1, 2], brief.Posts);
        var said = brief.Sections.Single(s => s.Id == "posts").Blocks.OfType<BriefBlock.Points>().Single().Items;
        Assert.StartsWith(mine, said[0], StringComparison.Ordinal);
        Assert.StartsWith(others, said[1], StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("work", "Which post watches “work”?")]
    [InlineData("work by post 0", "Posts have numbers from 1 to 9.")]
    [InlineData("work by post 10", "Posts have numbers from 1 to 9.")]
    [InlineData("work by post 1, work by post 2", "“work” has a post already.")]
    [InlineData("by post 1", "What does this post watch?")]
    public void What_cannot_be_read_says_why(string judges, string why) =>
        Assert.Contains(Parser.Parse($"T\n  judges: {judges}\n").Problems, p => p.Sentence == why);

    [Fact]
    public void The_line_is_printed_as_it_was_read()
    {
        var read = Parser.Parse("T\n  judges:  Oars by post 1 , hold by post 2\n");
        Assert.Empty(read.Problems);
        Assert.Equal(
            new Header.Judges([new(Watched.Station, "Oars", 1), new(Watched.Hold, null, 2)]).Watches,
            Assert.IsType<Header.Judges>(Assert.Single(read.Workout.Headers)).Watches
        );
        Assert.Contains("  judges: Oars by post 1, hold by post 2\n", Printer.Print(read.Workout), StringComparison.Ordinal);
    }

    [Fact]
    public void Nobody_asks_how_many_judges_a_lane_needs_once_it_is_said() =>
        Assert.DoesNotContain(
            Pair("work by post 1, hold by post 2").Read.Findings(),
            f => f.Rule == "unanswered" && f.Sentence.Contains("judges", StringComparison.Ordinal)
        );
}
