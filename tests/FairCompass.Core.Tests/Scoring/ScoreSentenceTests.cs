using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Scoring;

/// <summary>The rule of a score as it stands on every paper: each sentence where it belongs, and no other.</summary>
public class ScoreSentenceTests
{
    private static IReadOnlyList<string> Rule(string text, int score = 0, Language language = Language.English)
    {
        var u = Demo.Understand(text);
        Assert.True(u.Parsed.Problems.Count == 0, string.Join("; ", u.Parsed.Problems.Select(p => p.Sentence)));
        return ScoreSentences.Of(u.Sheets[0].Components[score], u.Sheets[0], u.Courses[0], Tongue.Of(language));
    }

    private const string Last = "After all results come withdrawn, then did not start.";

    [Theory]
    [InlineData(
        "cap line by reps",
        "Who does not finish inside 9:00 ranks after every finisher, by reps done.",
        "Quien no termina en 9:00 queda detrás de todos los que terminan, por repeticiones hechas."
    )]
    [InlineData(
        "+ 0:01 for each missing rep",
        "Who does not finish gets 9:00 plus 0:01 for each missing rep.",
        "Quien no termina recibe 9:00 más 0:01 por cada repetición que falta."
    )]
    public void A_time_says_what_becomes_of_who_does_not_finish(string unfinished, string english, string spanish)
    {
        var text = Demo.Window("9:00 for time", "3 rounds\n  20 sit-up", $"score: time\n  unfinished: {unfinished}\n  tie: shared\n");
        Assert.Equal(
            [
                "The score is the time of the work, in whole seconds off the hall clock. Less is better.",
                english,
                "Ties share the place: 1, 2, 2, 4.",
                Last,
            ],
            Rule(text)
        );
        Assert.Contains(spanish, Rule(text, language: Language.Spanish));
    }

    [Fact]
    public void What_nobody_has_said_is_said_to_be_unsaid() =>
        Assert.Equal(
            [
                "The score is the time of the work, in whole seconds off the hall clock. Less is better.",
                "Nobody has said how somebody is scored who does not finish.",
                "Nobody has said what decides a tie.",
                Last,
            ],
            Rule(Demo.Window("9:00 for time", "60 sit-up", "score: time\n"))
        );

    [Fact]
    public void A_cap_that_a_gate_opens_is_said_with_its_gate() =>
        Assert.Contains(
            "Who does not finish inside 9:00, or 11:00 past the gate at 20, ranks after every finisher, by reps done.",
            Rule(
                Demo.Window(
                    "9:00 for time",
                    "20 sit-up\ngate, adds 2:00\n20 pull-up",
                    "score: time\n  unfinished: cap line by reps\n  tie: shared\n"
                )
            )
        );

    [Theory]
    [InlineData("tie: time at round 2", "A tie is decided by the earlier time at the end of round 2; who is still equal shares the place.")]
    [InlineData(
        "tie: time at the last full round",
        "A tie is decided by the earlier time at the end of the last full round; who is still equal shares the place."
    )]
    public void A_tie_says_what_decides_it(string tie, string sentence) =>
        Assert.Equal(
            ["The score is the reps of the work. More is better.", sentence, Last],
            Rule(Demo.Window("9:00 for reps", "5 rounds\n  20 sit-up", $"score: reps\n  {tie}\n"))
        );

    /// <summary>The first workout of the demo: couplets for time, then the heaviest set in the time that is left.</summary>
    [Fact]
    public void A_load_says_how_no_good_lift_ranks_and_what_comes_of_a_part_that_was_not_reached()
    {
        var rule = Rule(DraftTexts.Demo("01"), 1);
        Assert.Equal("Score B is the heaviest good lift of B. More is better.", rule[0]);
        Assert.Contains("Who does not finish A never reached this part and ranks after all who did.", rule);
        Assert.Contains("Tried without a good lift ranks before zero, zero before not reached.", rule);
        Assert.DoesNotContain(Rule(DraftTexts.Demo("01")), s => s.StartsWith("Tried", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("counts 2", true)]
    [InlineData("every 5 count 1", true)]
    [InlineData("line 80 mm", false)]
    public void What_a_unit_is_worth_is_said_only_where_it_is_not_one(string detail, bool said) =>
        Assert.Equal(
            said,
            Rule(Demo.Window("9:00 for reps", $"3 rounds\n  20 toes-to-bar{(said ? ", " + detail : "")}"))
                .Any(s => s.StartsWith("Toes-to-bar:", StringComparison.Ordinal))
        );

    /// <summary>Metres are written out where they are many, in the rule and in the reason of a result.</summary>
    [Fact]
    public void A_score_of_metres_is_said_in_metres()
    {
        var text = Demo.Window("9:00 for time", "1000 m rowing machine", "score: time\n  unfinished: cap line by metres\n  tie: shared\n");
        Assert.Contains("Who does not finish inside 9:00 ranks after every finisher, by metres done.", Rule(text));
        Assert.Contains(
            "Quien no termina en 9:00 queda detrás de todos los que terminan, por metros hechos.",
            Rule(text, language: Language.Spanish)
        );
        var u = Demo.Understand(text);
        var run = new RunObservation(EntryStatus.Ran, [new("0", null, 700, null, [])], []);
        var result = Scorer.Score(run, u.Courses[0], u.Sheets[0], u.Competition.Unit)[0];
        Assert.Contains(
            result.Reasons,
            r => r.StartsWith("Not finished: 700 of 1000 metres when the cap of 9:00 was reached", StringComparison.Ordinal)
        );
    }

    private const string Second =
        "T\n  for Tideline\n\nOne: 4:00 for reps\n  max sit-up\nrest 1:00\nTwo: 9:00 for time\n  60 pull-up\n\n"
        + "score A: reps of One\n  tie: shared\nscore B: TIME of Two\n  unfinished: + 0:01 for each missing rep\n  tie: shared\n";

    private static ComponentResult OfSecond(string time, Duration? finish, long? units)
    {
        var u = Demo.Understand(Second.Replace("TIME", time, StringComparison.Ordinal));
        Assert.True(u.Parsed.Problems.Count == 0, string.Join("; ", u.Parsed.Problems.Select(p => p.Sentence)));
        var run = new RunObservation(EntryStatus.Ran, [new("0", null, 50, null, []), new("1", finish, units, null, [])], []);
        return Scorer.Score(run, u.Courses[0], u.Sheets[0], u.Competition.Unit)[1];
    }

    /// <summary>A second part that begins at 5:00: whichever clock the score is read off, its sentence and its value are of that
    /// clock.</summary>
    [Theory]
    [InlineData(
        "time by the hall clock",
        740_000,
        null,
        "12:20",
        "All 60 reps done at 12:20 on the hall clock, 7:20 after its start, inside 14:00."
    )]
    [InlineData(
        "time",
        740_000,
        null,
        "7:20",
        "All 60 reps done in 7:20, inside the cap of 9:00. The clock showed 12:20; the part began at 5:00."
    )]
    [InlineData(
        "time by the hall clock",
        null,
        50,
        "14:10 (50 of 60)",
        "Not finished: 50 of 60 reps when the cap of 14:00 on the hall clock was reached (pull-up 50 of 60).",
        "10 reps missing × 0:01 = 0:10; 14:00 on the hall clock + that = 14:10."
    )]
    [InlineData(
        "time",
        null,
        50,
        "9:10 (50 of 60)",
        "Not finished: 50 of 60 reps when the cap of 9:00 was reached (pull-up 50 of 60).",
        "10 reps missing × 0:01 = 0:10; 9:00 + that = 9:10."
    )]
    public void A_sentence_speaks_of_one_clock(string time, int? finish, int? units, string text, params string[] reasons)
    {
        var result = OfSecond(time, finish is { } ms ? new Duration(ms) : null, units);
        Assert.Equal(text, result.Text);
        Assert.Equal(reasons, result.Reasons);
    }
}
