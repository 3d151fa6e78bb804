using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Interviewing;
using FairCompass.Core.Notation;
using FairCompass.Core.Policies;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Interviewing;

/// <summary>Each question arises, is gone when it is answered, and is gone when the text says it in other words.</summary>
public class InterviewTests
{
    private const string Head = "T\n  for Tideline, Meadow\n  a/b is man/woman\n\n";
    private const string Pairs = "T\n  for Ferry Pairs\n  a/b is man/woman\n\n";
    private const string Reps = "\nscore: reps\n  tie: shared\n";

    private const string Filmed = Head + "9:00 for reps\n  max sit-up\n" + Reps + "attempts: best of 2\n";

    private static string Held(string how) =>
        "9:00 for reps\n  max pull-up\n    share: one at a time\n    hold: 1 crew-mate in front plank, for every whole rep"
        + how
        + "\n"
        + Reps;

    private static Competition Silent { get; } = Demo.Competition with { Policies = [], HouseRules = [] };

    /// <summary>The question, a text that raises it, and the same text saying it in other words; empty where only the policy line says
    /// it.</summary>
    public static TheoryData<string, string, string> Cases =>
        new()
        {
            {
                "unfinished-unstated",
                Head + "9:00 for time\n  30 sit-up\n\nscore: time\n  tie: shared\n",
                Head + "9:00 for time\n  30 sit-up\n\nscore: time\n  unfinished: +0:02 for each missing rep\n  tie: shared\n"
            },
            {
                "tie-unstated",
                Head + "9:00 for reps\n  max sit-up\n\nscore: reps\n",
                Head + "9:00 for reps\n  rounds without end\n    5 sit-up\n\nscore: reps\n  tie: time at the last full round\n"
            },
            {
                "no-lift-unstated",
                Pairs + "9:00 for load\n  heaviest power snatch\n\nscore: sum of best loads\n  tie: shared\n",
                Pairs + "9:00 for load\n  heaviest power snatch\n\nscore: sum of best loads\n  no good lift: zero\n  tie: shared\n"
            },
            {
                "late-unstated",
                Head + "9:00 for reps\n  every 1:30\n    first\n      5 sit-up\n    then\n      max pull-up\n" + Reps,
                Head
                    + "9:00 for reps\n  every 1:30, unfinished carries over\n    first\n      5 sit-up\n    then\n      max pull-up\n"
                    + Reps
            },
            { "nobody-has-said", Head + "unset for reps\n  max sit-up\n" + Reps, Head + "8:00 for reps\n  max sit-up\n" + Reps },
            {
                "load-missing",
                Head + "9:00 for time\n  10 power clean\n\nscore: time\n  unfinished: cap line by reps\n  tie: shared\n",
                Head + "9:00 for time\n  10 power clean, 60/40 kg\n\nscore: time\n  unfinished: cap line by reps\n  tie: shared\n"
            },
            {
                "height-missing",
                Head + "9:00 for reps\n  max box jump-over\n" + Reps,
                Head + "9:00 for reps\n  max box jump-over, box 60/50 cm\n" + Reps
            },
            { "standard-missing", Head + "9:00 for reps\n  max moon hop\n" + Reps, Head + "9:00 for reps\n  max pull-up\n" + Reps },
            {
                "bell for lifts",
                Head + "9:00 for load\n  heaviest power clean\n\nscore: best load\n  tie: shared\n",
                Head + "9:00 for load\n  heaviest power clean\n\nscore: best load\n  tie: shared\nbell: a lift counts when begun\n"
            },
            {
                "gate on the second",
                Head + "4:00 for reps\n  40 sit-up\n  gate, adds 2:00\n  max burpee\n" + Reps,
                Head + "4:00 for reps\n  40 sit-up\n  gate, adds 2:00\n  max burpee\n" + Reps + "gate on the second: misses\n"
            },
            { "what breaks", Head + "9:00 for reps\n  max sit-up\n" + Reps, "" },
            { "false start", Head + "9:00 for reps\n  max sit-up\n" + Reps, "" },
            { "before go", Head + "9:00 for reps\n  max sit-up\n" + Reps, "" },
            {
                "bell",
                Head + "9:00 for reps\n  max sit-up\n" + Reps,
                Head + "9:00 for reps\n  max sit-up\n" + Reps + "bell: a rep counts when begun\n"
            },
            {
                "doubtful rep",
                Head + "9:00 for reps\n  max sit-up\n" + Reps,
                "T\n  for Tideline, Meadow\n  a/b is man/woman\n  video: a rep that cannot be verified is no rep\n\n9:00 for "
                    + "reps\n  max sit-up\n"
                    + Reps
            },
            {
                "plates",
                Head + "9:00 for reps\n  max power clean, 60/40 kg\n" + Reps,
                Head + "9:00 for reps\n  max power clean, 60/40 kg\n    help: load plates by floor crew\n" + Reps
            },
            {
                "spotting",
                Head + "9:00 for reps\n  max bench press, 60/40 kg\n" + Reps,
                Head + "9:00 for reps\n  max bench press, 60/40 kg\n    help: spot by two crew, the rep does not count\n" + Reps
            },
            { "counting", Head + "9:00 for reps\n  max cal air bike\n" + Reps, "" },
            {
                "own rest",
                Head
                    + "9:00 for time\n  10 sit-up\n  own rest 0:50\n  10 sit-up\n\nscore: time\n  unfinished: cap line by reps\n "
                    + " tie: shared\n",
                ""
            },
            {
                "hand tag",
                Pairs + "9:00 for reps\n  max sit-up\n    share: one at a time\n" + Reps,
                Pairs + "9:00 for reps\n  max sit-up\n    share: one at a time, no hand tag\n" + Reps
            },
            {
                "team order",
                Pairs + "9:00 for reps\n  max sit-up\n    share: one at a time\n" + Reps,
                Pairs + "9:00 for reps\n  max sit-up\n    share: one at a time, any split\n" + Reps
            },
            {
                "mixed heights",
                Pairs + "9:00 for reps\n  max box jump-over, box 60/50 cm\n" + Reps,
                Pairs + "9:00 for reps\n  max box jump-over, box 60 cm\n" + Reps
            },
            {
                "uncounted moves",
                Head + "9:00 for reps\n  5 sit-up, uncounted\n  max pull-up\n" + Reps,
                Head + "9:00 for reps\n  5 sit-up\n  max pull-up\n" + Reps
            },
            {
                "score weights",
                Head
                    + "A: 5:00 for reps\n  max sit-up\nrest 1:00\nB: 5:00 for reps\n  max pull-up\n\nscore A: reps of A\n  tie: "
                    + "shared\nscore B: reps of B\n  tie: shared\n",
                Head
                    + "A: 5:00 for reps\n  max sit-up\nrest 1:00\nB: 5:00 for reps\n  max pull-up\n\nscore A: reps of A\n  tie: "
                    + "shared\n  weight 0.5\nscore B: reps of B\n  tie: shared\n"
            },
            { "measuring", Head + "9:00 for reps\n  max strict handstand push-up\n" + Reps, Head + "9:00 for reps\n  max sit-up\n" + Reps },
            {
                "judges",
                "T\n  for Ferry Pairs\n  a/b is man/woman\n\nrota for reps, 1:00 each, 2 turns\n  station Bike\n    max cal "
                    + "air bike\n  station Mat\n    max sit-up\n"
                    + Reps,
                Pairs + "9:00 for reps\n  max sit-up\n" + Reps
            },
            { "other documents", Head + "9:00 for reps\n  max sit-up\n    note: see the rule book\n" + Reps, "" },
            {
                "last rung",
                Head
                    + "9:00 for reps\n  rounds without end\n    complex, 40-45-...-85 kg\n      1 deadlift\n      1 hang power clean\n"
                    + Reps,
                Head
                    + "9:00 for reps\n  rounds without end\n    complex, 40-45-...-85 kg, last bar repeats\n      1 deadlift\n   "
                    + "   1 hang power clean\n"
                    + Reps
            },
            {
                "partial distance",
                Head + "9:00 for reps\n  20 m handstand walk, marks every 5 m\n" + Reps,
                Head
                    + "9:00 for reps\n  20 m handstand walk, marks every 5 m\n"
                    + Reps.Replace("\n  tie", "\n  partial: whole sections\n  tie")
            },
            {
                "first load",
                Head + "9:00 for load\n  heaviest power clean\n\nscore: best load\n  tie: shared\n",
                Head + "9:00 for load\n  heaviest power clean, start 60/40 kg\n\nscore: best load\n  tie: shared\n"
            },
            {
                "going down",
                Head + "9:00 for load\n  heaviest power clean\n\nscore: best load\n  tie: shared\n",
                Head + "9:00 for load\n  heaviest power clean, never down\n\nscore: best load\n  tie: shared\n"
            },
            {
                "change of load",
                Head + "9:00 for reps\n  3 rounds\n    10 power clean, 40-50-60 kg\n" + Reps,
                Head + "9:00 for reps\n  3 rounds\n    10 power clean, 40-50-60 kg\n    own rest 0:30\n" + Reps
            },
            { "hold comes down", Pairs + Held(""), Pairs + Held(", may pause between reps") },
            { "hold taken over", Pairs + Held(""), Pairs + Held(", another may take over") },
            { "hold changes", Pairs + Held(""), Pairs + "9:00 for reps\n  max pull-up\n" + Reps },
            {
                "short of the least",
                Pairs + "9:00 for reps\n  44 sit-up\n    share: one at a time, at least 12 each\n" + Reps,
                Pairs + "9:00 for reps\n  44 sit-up\n    share: one at a time, at least 12 each, count by member, short is owed\n" + Reps
            },
            {
                "lift up",
                Head + "9:00 for reps\n  max pull-up\n" + Reps,
                Head + "9:00 for reps\n  max pull-up\n    help: lift up by a partner\n" + Reps
            },
            {
                "moving kit",
                Pairs + "9:00 for reps\n  max sandbag step-over, 20/10 kg, box 60/50 cm\n" + Reps,
                Pairs + "9:00 for reps\n  max sandbag step-over, 20/10 kg, box 60/50 cm\n    help: move kit by a partner\n" + Reps
            },
            {
                "box turned by",
                Pairs + "9:00 for reps\n  max box jump-over, box 60/50 cm\n    share: one at a time\n" + Reps,
                Pairs + "9:00 for reps\n  max box jump-over, box 60 cm\n    share: one at a time\n" + Reps
            },
            { "video cuts", Filmed, Head + "9:00 for reps\n  max sit-up\n" + Reps },
            { "video monitor", Filmed, Head + "9:00 for reps\n  max sit-up\n" + Reps },
            { "video deadline", Filmed, Head + "9:00 for reps\n  max sit-up\n" + Reps },
            {
                "video attempts",
                "T\n  for Tideline, Meadow\n  a/b is man/woman\n  video: a rep that cannot be verified is no rep\n\n9:00 for reps\n"
                    + "  max sit-up\n"
                    + Reps,
                Filmed
            },
            {
                "video",
                Head + "9:00 for reps\n  max sit-up\n" + Reps + "attempts: best of 2\n",
                Head + "9:00 for reps\n  max sit-up\n" + Reps
            },
        };

    private static List<Question> Ask(Competition c, string text, string id) =>
        Interview.Open(Understanding.Of(c, text)).Where(q => q.Id == id).ToList();

    [Theory]
    [MemberData(nameof(Cases))]
    public void A_question_arises_and_saying_it_differently_removes_it(string id, string raises, string says)
    {
        var question = Assert.Single(Ask(Silent, raises, id));
        Assert.InRange(question.Line, 1, raises.Split('\n').Length);
        Assert.True(says.Length == 0 || Ask(Silent, says, id).Count == 0);
    }

    [Theory]
    [MemberData(nameof(Cases))]
    public void Every_usual_answer_removes_the_question_and_leaves_a_text_that_is_understood(string id, string raises, string says)
    {
        Assert.NotNull(says);
        var question = Ask(Silent, raises, id)[0];
        Assert.All(
            question.Answers,
            a =>
            {
                var text = a.ApplyTo(raises);
                Assert.Empty(Ask(Silent, text, id));
                Assert.Empty(Parser.Parse(text).Problems);
                Assert.Equal(Parser.Parse(text).Workout, Parser.Parse(Printer.Print(Parser.Parse(text).Workout)).Workout);
            }
        );
        Assert.True(question.Answers.Count(a => a.Recommended) == (question.Answers.Count == 0 ? 0 : 1), id);
    }

    [Theory]
    [MemberData(nameof(Cases))]
    public void An_answer_for_the_whole_competition_removes_it_everywhere(string id, string raises, string says)
    {
        Assert.NotNull(says);
        foreach (var choice in Ask(Silent, raises, id)[0].Answers.Select(a => a.ForAll).OfType<PolicyChoice>())
        {
            var c = Silent with { Policies = [choice] };
            Assert.Empty(CompetitionRules.Validate(c));
            Assert.Empty(Ask(c, raises, id));
        }
    }

    [Fact]
    public void An_answer_for_one_division_leaves_the_question_open_for_the_others()
    {
        var text = (string)Cases.First(c => (string)c[0] == "plates")[1];
        Assert.NotEmpty(Ask(Silent with { Policies = [new("plates", "athlete", "Meadow")] }, text, "plates"));
        Assert.NotEmpty(Ask(Silent, text + "policy plates, for Meadow: athlete\n", "plates"));
        Assert.Empty(
            Ask(Silent with { Policies = [new("plates", "athlete", "Meadow"), new("plates", "floor crew", "Tideline")] }, text, "plates")
        );
    }

    [Fact]
    public void Every_topic_without_a_default_has_a_case_or_is_asked_by_a_check() =>
        Assert.Empty(
            Topics
                .All.Where(t => t.Default is null && t.Name is not ("capped score" or "tie-break"))
                .Select(t => t.Name)
                .Except(Cases.Select(c => (string)c[0]))
        );

    [Fact]
    public void The_recommended_answer_follows_what_the_competition_says_for_all()
    {
        var text = (string)Cases.First(c => (string)c[0] == "unfinished-unstated")[1];
        Assert.Contains("cap line", Ask(Silent, text, "unfinished-unstated")[0].Answers.Single(a => a.Recommended).Edit.Text);
        Assert.Contains(
            "missing",
            Ask(Silent with { Policies = [new("capped score", "penalty")] }, text, "unfinished-unstated")[0]
                .Answers.Single(a => a.Recommended)
                .Edit.Text
        );
    }

    [Fact]
    public void The_example_uses_the_numbers_of_this_workout()
    {
        var answers = Ask(Silent, (string)Cases.First(c => (string)c[0] == "unfinished-unstated")[1], "unfinished-unstated")[0].Answers;
        Assert.Contains("26 of 30 at 9:00", answers[0].OnTheFloor.English);
        Assert.Contains("9:00 + 4 s = 9:04", answers[1].OnTheFloor.English);
        Assert.Contains("26 de 30", answers[0].OnTheFloor.Spanish);
    }

    /// <summary>Worked by hand from the texts above: bars and plates of the demo kit, counts, clocks.</summary>
    [Theory]
    [InlineData("bell", 1, "At 9:00 number 48, sit-up, has been begun and is then finished: the card says 48.", "la tarjeta dice 48")]
    [InlineData(
        "plates",
        0,
        "For 60 kg on the bar of 20 the athlete puts on, with the clock running, 2 plates, 20 on each side.",
        "2 discos, 20 en cada lado"
    )]
    [InlineData(
        "own rest",
        0,
        "Who has done 10 at 4:05 rests 0:50: at 4:55 the judge says “go”; the clock still ends at 9:00.",
        "en 4:55 el juez dice «ya»"
    )]
    [InlineData("hand tag", 0, "the count stays at 47", "la cuenta sigue en 47")]
    [InlineData("team order", 0, "Of 47 sit-ups one of the 2 may do 47 and the other 0.", "puede hacer 47")]
    [InlineData("mixed heights", 0, "Box 60 cm for one and box 50 cm for the other", "Cajón 60 cm para uno y cajón 50 cm para el otro")]
    [InlineData("score weights", 0, "Who is 3rd in all of them has 98 + 98 = 196 points.", "98 + 98 = 196")]
    [InlineData("judges", 0, "2 judges stand in each lane; ten lanes need 20.", "diez calles necesitan 20")]
    [InlineData("last rung", 0, "After rung 10 the bar stays at 85 kg", "la barra sigue en 85 kg")]
    [InlineData("score weights", 1, "98 + 0.5 × 98 = 147 points", "98 + 0.5 × 98 = 147")]
    [InlineData("doubtful rep", 1, "Of 47 sit-ups one was not seen: 46 count", "cuentan 46")]
    [InlineData("partial distance", 0, "At 9 of 20 m, marks every 5 m: 1 section.", "marcas cada 5 m: 1 tramo")]
    [InlineData("partial distance", 1, "over the mark at 10 m when the clock ends: 2 sections", "2 tramos")]
    [InlineData("change of load", 0, "2 changes of about 0:16 in all run on the clock.", "2 cambios, unos 0:16 en total")]
    [InlineData("short of the least", 0, "one has 9 when 44 are done: that member owes 3", "uno lleva 9 cuando van 44: debe 3")]
    [InlineData("short of the least", 1, "41 of 44 count", "cuentan 41 de 44")]
    [InlineData("last rung", 1, "After round 10, at 85 kg, the work ends", "Tras la ronda 10, con 85 kg")]
    [InlineData("judges", 1, "post 1 watches Bike and post 2 watches Mat", "el puesto 1 mira Bike")]
    [InlineData("box turned by", 2, "Two boxes a lane: box 60 cm and box 50 cm.", "cajón 60 cm y cajón 50 cm")]
    [InlineData("video", 0, "The video runs at least 9:00", "al menos 9:00")]
    public void An_answer_to_a_topic_is_worked_out_on_this_workout(string id, int answer, string english, string spanish)
    {
        var said = Ask(Silent, (string)Cases.First(c => (string)c[0] == id)[1], id)[0].Answers[answer].OnTheFloor;
        Assert.Contains(english, said.English, StringComparison.Ordinal);
        Assert.Contains(spanish, said.Spanish, StringComparison.Ordinal);
    }

    [Fact]
    public void A_measured_line_is_worked_out_in_millimetres_and_inches()
    {
        var text = Head + "9:00 for reps\n  max strict handstand push-up, line 3 in below the wrists\n" + Reps;
        // 2124 mm − 76.2 mm = 2047.8 mm = 80.62 in, nearest sixteenth 80 10/16.
        Assert.Contains(
            "puts the line at 2048 mm · 80 5/8 in",
            Ask(Silent, text, "measuring")[0].Answers[0].OnTheFloor.English,
            StringComparison.Ordinal
        );
    }

    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void Nothing_is_open_in_the_complete_demo_texts_once_the_topics_are_answered_for_all(string name)
    {
        var text = DraftTexts.Read(name);
        Assert.NotEmpty(Interview.Open(Understanding.Of(Silent, text)));
        Assert.Empty(
            Interview.Open(
                Understanding.Of(
                    Silent with
                    {
                        Policies = [.. Topics.All.Select(t => new PolicyChoice(t.Name, t.Recommended ?? "Sunday 7 June 2026, 18:00 UTC"))],
                    },
                    text
                )
            )
        );
    }
}
