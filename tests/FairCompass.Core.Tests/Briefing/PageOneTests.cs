using System.Text.RegularExpressions;
using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>A volunteer reads one page: what stands on it, how long it is, and that it is told in sentences.</summary>
public sealed partial class PageOneTests
{
    private static readonly DateOnly Day = new(2027, 6, 12);

    [GeneratedRegex(@"\S*\p{L}\S*")]
    private static partial Regex Word { get; }

    /// <summary>What only a draft may say: key words with a colon, and ladders with three points.</summary>
    [GeneratedRegex(@"\b(share|re-rig|hold|help|touch|note|choose):|-\.\.\.|\brounds without end\b|\bmarks every\b")]
    private static partial Regex Notation { get; }

    private static IEnumerable<string> Names => DraftTexts.DemoNames.Where(n => !n.Contains("mistakes", StringComparison.Ordinal));

    public static TheoryData<string> Drafts => [.. Names];

    private static IEnumerable<(Understanding U, string Division)> Of(string name)
    {
        var u = Demo.Understand(DraftTexts.Read(name));
        var divisions = u.Courses.Select(c => c.Address.Division.Name).Distinct().Select(d => (u, d));
        return Environment.GetEnvironmentVariable("LONG") is null ? divisions.Take(1) : divisions;
    }

    private static int Words(Brief brief, bool behind) =>
        BriefText.Lines(brief with { Sections = [.. brief.Sections.Where(s => behind || !s.Behind)] }).Sum(l => Word.Count(l));

    /// <summary>A volunteer reads so many words at most: an amount for the sheet, and more for each further movement and score than the
    /// first two movements and the first score (decision 38).</summary>
    [Theory]
    [InlineData(Audience.Judge, 1100, 310, 0)]
    [InlineData(Audience.Athlete, 750, 250, 10)]
    [InlineData(Audience.Caller, 200, 0, 5)]
    [InlineData(Audience.FloorCrew, 350, 0, 90)]
    [InlineData(Audience.ScoreDesk, 450, 0, 55)]
    [InlineData(Audience.LaneCard, 260, 40, 90)]
    [InlineData(Audience.Measurement, 200, 0, 0)]
    [InlineData(Audience.Video, 180, 0, 0)]
    [InlineData(Audience.Poster, 110, 20, 50)]
    public void A_paper_keeps_to_its_words(Audience audience, int sheet, int movement, int score)
    {
        var over =
            from name in Names
            let of = Of(name).First()
            let movements = WorkoutWords.Movements(of.U.Workout).DistinctBy(m => m.Name).Count()
            let scores = of.U.Workout.Scores.Count
            let words = Words(OneCard(new BriefBuilder(of.U, of.Division, Day).Build(audience)), behind: true)
            where words > sheet + movement * Math.Max(0, movements - 2) + score * (scores - 1)
            select $"{name}: {words} with {movements} movements, {scores} scores";
        Assert.True(!over.Any(), string.Join("; ", over));
    }

    [GeneratedRegex(@"(?<=[.;:!?])\s+")]
    private static partial Regex SentenceEnd { get; }

    /// <summary>No sentence of any paper is longer than a judge can take in, in either language. A list of what is done, and the names of
    /// whom it is for, are no sentences.</summary>
    [Theory]
    [MemberData(nameof(Drafts))]
    public void No_sentence_has_more_than_22_words(string name)
    {
        var u = Demo.Understand(DraftTexts.Read(name));
        foreach (var language in new[] { Language.English, Language.Spanish })
        {
            foreach (var audience in PaperNames.All)
            {
                var brief = new BriefBuilder(u, null, Day, new BriefOptions { Language = language }).Build(audience);
                var work = brief.Sections.Where(s => s.Id == "work").SelectMany(s => s.Blocks).SelectMany(BriefText.Lines).ToHashSet();
                var wordy = BriefText
                    .Lines(brief)
                    .Where(l => !work.Contains(l))
                    .SelectMany(l => SentenceEnd.Split(l))
                    .Where(s => Word.Count(s) > 22);
                Assert.True(!wordy.Any(), $"{audience}, {language}: {string.Join(" | ", wordy)}");
            }
        }
    }

    /// <summary>Every entry has a card of its own, and one of them is read.</summary>
    private static Brief OneCard(Brief brief) =>
        brief with
        {
            Sections = [.. brief.Sections.Where(s => s.Entry == brief.Sections[0].Entry)],
        };

    /// <summary>450 words stand for two movements and one score; 40 for each further one of either, since no no-rep and no line of the
    /// work may be left out of the page that stands alone (decision 38).</summary>
    [Theory]
    [MemberData(nameof(Drafts))]
    public void Page_one_fits_a_page(string name)
    {
        foreach (var (u, division) in Of(name))
        {
            var brief = new BriefBuilder(u, division, Day).Build(Audience.Judge);
            var most =
                450
                + 40 * (Math.Max(0, WorkoutWords.Movements(u.Workout).DistinctBy(m => m.Name).Count() - 2) + u.Workout.Scores.Count - 1);
            Assert.InRange(Words(brief, behind: false), 1, most);
            Assert.NotInRange(Words(brief, behind: true), 0, Words(brief, behind: false));
        }
    }

    [Theory]
    [MemberData(nameof(Drafts))]
    public void Work_is_told_and_never_typed(string name)
    {
        foreach (var (u, division) in Of(name))
        {
            foreach (var audience in new[] { Audience.Judge, Audience.Athlete, Audience.Poster })
            {
                var brief = new BriefBuilder(u, division, Day).Build(audience);
                var lines = brief.Sections.Single(s => s.Id == "work").Blocks.OfType<BriefBlock.Lines>().SelectMany(b => b.Items);
                Assert.DoesNotContain(lines, l => Notation.IsMatch(l.Text));
            }
        }
    }

    private static string Said(Movement rule) => Core.Text.Words.Capital(rule.Name.English);

    /// <summary>What is on page one is not told again behind it, and together they are every no-rep of the standard; an athlete reads the
    /// likely ones.</summary>
    [Theory]
    [MemberData(nameof(Drafts))]
    public void Every_no_rep_stands_once(string name)
    {
        foreach (var (u, division) in Of(name))
        {
            var brief = new BriefBuilder(u, division, Day).Build(Audience.Judge);
            var front = brief
                .Sections.Where(s => s.Id == "likely")
                .SelectMany(s => s.Blocks)
                .OfType<BriefBlock.Table>()
                .SelectMany(t => t.Rows)
                .Select(r => (r.Cells[1], r.Cells[2]))
                .ToList();
            var behind = brief.Sections.SelectMany(s => s.Blocks).OfType<BriefBlock.StandardOf>().ToList();
            var back = behind.SelectMany(s => s.Faults).Select(r => (r.Cells[0], r.Cells[1])).ToList();
            var athletes = new BriefBuilder(u, division, Day)
                .Build(Audience.Athlete)
                .Sections.SelectMany(s => s.Blocks)
                .OfType<BriefBlock.StandardOf>()
                .SelectMany(s => s.Faults)
                .Select(r => (r.Cells[0], r.Cells[1]));
            var book = StandardsBook.Of(u.Competition);
            var all = behind.Sum(b =>
                book.InForce(book.Find(b.Name) ?? book.Rules(u.Workout).Single(r => Said(r) == b.Name), division, u.Workout).Faults.Count
            );
            Assert.Equal(all, front.Concat(back).Count());
            Assert.Empty(athletes.Except(front.Concat(back)));
            Assert.Empty(front.Except(athletes));
            Assert.All(behind.Take(1), _ => Assert.NotEmpty(front));
        }
    }

    /// <summary>Every topic that a paper may print has a short name in Spanish, and none is a question.</summary>
    [Fact]
    public void A_policy_is_named_in_a_word_or_two() =>
        Assert.All(
            Topics.All.Where(t => t.Schools.All(s => s.Affects.Count == 0)),
            t => Assert.DoesNotContain("¿", TopicNames.Of(t).Spanish!, StringComparison.Ordinal)
        );

    /// <summary>The order of the trade: the second dip before the depth, the reach before the floor.</summary>
    [Theory]
    [InlineData("thruster", "no-second-dip depth lock-out")]
    [InlineData("deadlift", "stand no-bounce let-go")]
    [InlineData("power-clean", "elbows-front stand power")]
    [InlineData("power-snatch", "lock-out not-pressed stand")]
    [InlineData("pull-up", "chin arms-straight feet-free")]
    [InlineData("toes-to-bar", "heels-behind toes-touch arms-straight")]
    [InlineData("double-under", "two-turns rope-clear rope-forward")]
    public void The_likeliest_come_first(string movement, string faults)
    {
        var standard = MovementLibrary.All.Single(m => m.Id == movement);
        Assert.Equal(faults, string.Join(' ', LikelyNoReps.Of(standard, 3).Select(f => f.Breaks)));
    }

    [Theory]
    [InlineData("wall walk", "wall walks")]
    [InlineData("strict press", "strict presses")]
    [InlineData("farmer's carry", "farmer's carries")]
    [InlineData("burpee over the bar", "burpees over the bar")]
    [InlineData("clean and jerk", "cleans and jerks")]
    [InlineData("team-bag clean-and-over", "team-bag cleans-and-over")]
    [InlineData("one-arm dumbbell snatch", "one-arm dumbbell snatches")]
    [InlineData("toes-to-bar", "toes-to-bar")]
    [InlineData("shoulder-to-overhead", "shoulder-to-overhead")]
    [InlineData("sit-up with ball", "sit-ups with ball")]
    [InlineData("any way overhead", "reps overhead any way")]
    [InlineData("", "")]
    public void Several_have_a_word_of_their_own(string one, string many) => Assert.Equal(many, Plurals.English(one));

    /// <summary>No plural of the library is a singular by accident, and none doubles its ending.</summary>
    [Fact]
    public void Every_movement_of_the_library_has_a_plural() =>
        Assert.All(
            MovementLibrary.All,
            m =>
            {
                Assert.DoesNotMatch("(ss|[^aeiou]ys|[sc]hs)$", m.Plural.English);
                Assert.True(m.Plural.English == m.Name.English == Same.IsMatch(m.Name.English), m.Plural.English);
            }
        );

    [GeneratedRegex("(toes-to-bar|to-overhead|running|machine|bike)$")]
    private static partial Regex Same { get; }

    [Theory]
    [InlineData("8:00 for reps\n  rounds without end\n    10 sit-up\n", "As many rounds as possible in 8:00, each of:|10 sit-ups")]
    [InlineData(
        "8:00 for time\n  1 rope climb, mark 4.5 m\n",
        "For time: all of it, as fast as you can; the clock ends after 8:00:|1 rope climb, mark 4.5 m"
    )]
    [InlineData("2:00 for calories\n  max cal air bike\n", "In 2:00:|As many calories as possible on the air bike")]
    [InlineData(
        "8:00 for time\n  21-15-9 of\n    cal air bike\n    thruster, 43/30 kg\n",
        "For time: all of it, as fast as you can; the clock ends after 8:00:|21, then 15, then 9 of each:|calories on the air "
            + "bike|thrusters, 43/30 kg"
    )]
    [InlineData(
        "8:00 for time\n  20 m bear crawl, marks every 5 m\n  20 m walking lunge, marks every 5 m\n",
        "For time: all of it, as fast as you can; the clock ends after 8:00:|20 m of bear crawl, in sections of 5 m|20 m of "
            + "walking lunges, in sections of 5 m"
    )]
    public void A_construct_has_its_sentence(string work, string sentences)
    {
        var u = Understanding.Of(Demo.Competition, $"T\n  for Tideline\n\n{work}");
        var told = new BriefBuilder(u, null, Day)
            .Build(Audience.Poster)
            .Sections.Single(s => s.Id == "work")
            .Blocks.OfType<BriefBlock.Lines>();
        Assert.Equal(sentences, string.Join('|', told.Single().Items.Select(l => l.Text)));
    }
}
