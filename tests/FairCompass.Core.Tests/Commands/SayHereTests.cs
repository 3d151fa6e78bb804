using CsCheck;
using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Commands;

/// <summary>A rule said differently in a workout, or at one of its places.</summary>
public class SayHereTests
{
    private static readonly Movement WallWalk = StandardsBook.Of(Demo.Competition).Find("wall walk")!;

    private static string Clause => First(WallWalk);

    [Fact]
    public void In_the_whole_workout_a_line_is_added_at_the_end()
    {
        var (u, now) = Say(DraftTexts.Demo("03"), new SayHere(WallWalk.Id, Clause, null, null, "Both feet wait."), WallWalk);
        Assert.Equal($"standard wall walk, {Clause}: Both feet wait.", now.Text.TrimEnd('\n').Split('\n')[^1]);
        Assert.Equal("Both feet wait.", InForce(now, null, null));
        Assert.NotEqual("Both feet wait.", InForce(u, null, null));
    }

    [Fact]
    public void For_one_division_only_its_standard_changes()
    {
        var (_, now) = Say(DraftTexts.Demo("03"), new SayHere(WallWalk.Id, Clause, null, "Meadow", "Both feet wait."), WallWalk);
        Assert.Equal("Both feet wait.", InForce(now, "Meadow", null));
        Assert.NotEqual("Both feet wait.", InForce(now, "Tideline", null));
    }

    /// <summary>Breakwater begins and ends with wall walks: two places of one movement.</summary>
    [Fact]
    public void At_one_place_only_this_place_changes()
    {
        var before = Demo.Understand(DraftTexts.Demo("03"));
        var places = SayHere.Places(before.Read, WallWalk);
        Assert.Equal(2, places.Count);
        Assert.All(places, p => Assert.StartsWith("8 wall walk", p.Text, StringComparison.Ordinal));
        var (_, now) = Say(before.Text, new SayHere(WallWalk.Id, Clause, places[1].Line, null, "Both feet wait."), WallWalk);
        var tasks = WorkTree.Tasks(now.Workout).Where(t => t.Movement == "wall walk").ToList();
        Assert.NotEqual("Both feet wait.", InForce(now, null, tasks[0]));
        Assert.Equal("Both feet wait.", InForce(now, null, tasks[1]));
        Assert.Equal(new SaidHere(Clause, tasks[1].At.Line, null, "Both feet wait."), Assert.Single(SayHere.Of(now.Read, WallWalk)));
    }

    [Fact]
    public void Said_again_it_replaces_and_keeps_what_stands_behind_it()
    {
        var text = DraftTexts.Demo("03").TrimEnd('\n') + $"\nstandard wall walk, {Clause}: Feet wait. // ask Mo\n";
        var (_, now) = Say(text, new SayHere(WallWalk.Id, Clause, null, null, "Hands wait."), WallWalk);
        Assert.EndsWith($"standard wall walk, {Clause}: Hands wait. // ask Mo\n", now.Text, StringComparison.Ordinal);
        Assert.Single(SayHere.Of(now.Read, WallWalk));
    }

    [Theory]
    [InlineData(null, null)]
    [InlineData(null, "Meadow")]
    [InlineData(0, null)]
    public void Taken_back_the_draft_is_as_before(int? place, string? division)
    {
        var before = Demo.Understand(DraftTexts.Demo("03"));
        var line = place is { } i ? SayHere.Places(before.Read, WallWalk)[i].Line : (int?)null;
        var (_, said) = Say(before.Text, new SayHere(WallWalk.Id, Clause, line, division, StandardsBook.DoesNotApply), WallWalk);
        var at = line is null ? null : WorkTree.Tasks(said.Workout).First(t => t.At.Line == line);
        Assert.Null(InForce(said, division, at));
        var (_, again) = Say(said.Text, new SayHere(WallWalk.Id, Clause, line, division, null), WallWalk);
        Assert.Equal(before.Text, again.Text);
    }

    [Fact]
    public void What_a_workout_left_out_can_be_said_again()
    {
        var (_, without) = Say(DraftTexts.Demo("03"), new SayHere(WallWalk.Id, Clause, null, null, StandardsBook.DoesNotApply), WallWalk);
        var (_, now) = Say(without.Text, new SayHere(WallWalk.Id, Clause, null, null, "Both feet wait."), WallWalk);
        Assert.Equal("Both feet wait.", InForce(now, null, null));
        Assert.Single(SayHere.Of(now.Read, WallWalk));
    }

    [Fact]
    public void A_ruling_is_not_touched()
    {
        var text = DraftTexts.Demo("03").TrimEnd('\n') + "\nstandard wall walk, ruling-1: Feet wait. (ruling 1, 2027-06-12)\n";
        var u = Demo.Understand(text);
        Assert.Empty(SayHere.Of(u.Read, WallWalk));
        Assert.Equal("clause", new SayHere(WallWalk.Id, "ruling-1", null, null, null).Against(new(u)).Refused!.Path);
    }

    public static TheoryData<string, SayHere, string> Bad =>
        new()
        {
            { "no such clause", new SayHere(WallWalk.Id, "nothing", null, null, "Feet wait."), "clause" },
            { "nothing said", new SayHere(WallWalk.Id, Clause, null, null, " "), "text" },
            { "too long", new SayHere(WallWalk.Id, Clause, null, null, new string('x', 241)), "text" },
            { "two lines", new SayHere(WallWalk.Id, Clause, null, null, "Feet\nwait."), "text" },
            { "brackets end the text", new SayHere(WallWalk.Id, Clause, null, null, "Feet (both) wait."), "text" },
            { "a comment ends the text", new SayHere(WallWalk.Id, Clause, null, null, "Feet // wait."), "text" },
            { "a mark that turns the reading direction", new SayHere(WallWalk.Id, Clause, null, null, "Feet\u202E wait."), "text" },
            { "no such division", new SayHere(WallWalk.Id, Clause, null, "Harbour", "Feet wait."), "division" },
            { "a division that does something else", new SayHere(WallWalk.Id, Clause, null, "Ferry Pairs", "Feet wait."), "division" },
            { "a place and a division", new SayHere(WallWalk.Id, Clause, 0, "Meadow", "Feet wait."), "division" },
            { "another movement’s line", new SayHere(WallWalk.Id, Clause, 1, null, "Feet wait."), "line" },
            { "no such line", new SayHere(WallWalk.Id, Clause, 900, null, "Feet wait."), "line" },
            { "nothing to take back", new SayHere(WallWalk.Id, Clause, null, null, null), "clause" },
        };

    [Theory]
    [MemberData(nameof(Bad))]
    public void What_cannot_be_written_is_refused_at_its_field(string why, SayHere say, string field)
    {
        var u = Demo.Understand(DraftTexts.Demo("03"));
        var place = SayHere.Places(u.Read, WallWalk)[0].Line;
        var answer = (say.Line is 0 or 1 ? say with { Line = place + say.Line } : say).Against(new(u));
        Assert.True(answer.Value is null && answer.Refused?.Path == field, $"{why}: {answer.Refused}");
    }

    /// <summary>Whatever is said at any place of any demo workout is in force there and nowhere else, and nothing else of the workout
    /// changes.</summary>
    [Fact]
    public void Nothing_else_changes() =>
        Gen.Select(Gen.Int[0, DraftTexts.DemoNames.Count - 1], Gen.Int[0, 99], Gen.Int[0, 99], Gen.Bool)
            .Sample(
                (demo, t, c, here) =>
                {
                    const string Other = "Said otherwise here.";
                    var u = Demo.Understand(DraftTexts.Read(DraftTexts.DemoNames[demo]));
                    var book = StandardsBook.Of(Demo.Competition);
                    var done = WorkTree.Tasks(u.Workout).Where(x => book.Find(x.Movement) is not null).ToList();
                    var task = done[t % done.Count];
                    var movement = book.Find(task.Movement)!;
                    var clauses = book.InForce(movement).Clauses.Where(x => x.Kind != ClauseKind.Tip).ToList();
                    var say = new SayHere(movement.Id, clauses[c % clauses.Count].Id, here ? task.At.Line : null, null, Other);
                    var (_, now) = Say(u.Text, say, movement);
                    var after = WorkTree.Tasks(now.Workout).Where(x => book.Find(x.Movement) is not null).ToList();
                    for (var i = 0; i < done.Count; i++)
                    {
                        var standard = book.Find(after[i].Movement)!;
                        var meant = standard.Id == movement.Id && (!here || i == t % done.Count);
                        Assert.Equal(meant, book.InForce(standard, null, now.Workout, after[i]).Clauses.Any(x => x.Text.English == Other));
                        Assert.Equal(
                            (done[i].Amount, done[i].Movement, done[i].Details),
                            (after[i].Amount, after[i].Movement, after[i].Details)
                        );
                    }

                    var (_, back) = Say(now.Text, say with { Text = null }, movement);
                    Assert.Equal(u.Text, back.Text);
                },
                iter: 200
            );

    private static string First(Movement m) => m.Clauses.First(c => c.Kind == ClauseKind.Required).Id;

    private static string? InForce(Understanding u, string? division, Work.Task? place) =>
        StandardsBook
            .Of(u.Competition)
            .InForce(WallWalk, division, u.Workout, place)
            .Clauses.FirstOrDefault(c => c.Id == Clause)
            ?.Text.English;

    private static (Understanding Before, Understanding After) Say(string text, SayHere say, Movement movement)
    {
        var u = Demo.Understand(text);
        Assert.Equal(movement.Id, say.Movement);
        var answer = say.Against(new(u));
        Assert.Null(answer.Refused);
        var after = Demo.Understand(Core.Notation.Edits.Apply(u.Text, answer.Value!.Edits));
        Assert.Equal(u.Parsed.Problems.Count, after.Parsed.Problems.Count);
        return (u, after);
    }
}
