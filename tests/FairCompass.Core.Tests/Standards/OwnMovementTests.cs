using System.Text.Json;
using FairCompass.Core.Competitions;
using FairCompass.Core.Format;
using FairCompass.Core.InForce;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;

namespace FairCompass.Core.Tests.Standards;

/// <summary>Standards that a competition writes itself.</summary>
public class OwnMovementTests
{
    private static StandardsBook Book => StandardsBook.Of(Demo.Competition);

    private static Movement Paused() =>
        OwnMovements.From(Book.Find("front squat")!, "Paused front squat", Book) with
        {
            Name = ("paused front squat", "sentadilla frontal con pausa"),
        };

    private static Competition Has(params Movement[] own) => Demo.Competition with { OwnMovements = [.. own] };

    [Fact]
    public void The_nearest_standards_share_words_with_the_name()
    {
        Assert.Equal("front-squat", OwnMovements.Nearest(Book, "paused front squat").First().Id);
        Assert.Contains(OwnMovements.Nearest(Book, "dumbbell thing"), m => m.Kit == MovementKit.Dumbbell);
        Assert.Empty(OwnMovements.Nearest(Book, ""));
        Assert.Empty(OwnMovements.Nearest(Book, "zzz"));
    }

    [Fact]
    public void A_copy_is_complete_and_has_an_id_of_its_own()
    {
        var copy = Paused();
        Assert.Equal("paused-front-squat", copy.Id);
        Assert.Empty(StandardRules.Movement(copy, []));
        Assert.Empty(CompetitionRules.Validate(Has(copy)));
        Assert.Equal("sentadilla-con-pausa", OwnMovements.FreeId("Sentadilla con pausa!", Book));
        Assert.Equal("front-squat-2", OwnMovements.FreeId("front squat", Book));
        Assert.Equal("own-movement", OwnMovements.FreeId("???", Book));
    }

    [Fact]
    public void Poses_and_parameters_go_through_a_file_and_decide()
    {
        var copy = Paused();
        var posed = PosedFigure.Of(copy, new(Phase.Through, null, 1750) { Turn = new(Joint.Knee, null, 131) }, out _)!;
        // The clause's own parameter: the fold of the hip at least 30 mm lower than the knee.
        var own = copy with
        {
            Poses = [new(Phase.Through, null, posed.Angles)],
            Clauses = [.. copy.Clauses.Select(c => c.Id == "depth" ? c with { Of = c.Of! with { HeightMillimetres = 30 } } : c)],
        };
        var json = JsonSerializer.Serialize(Has(own), FormatContext.Default.Competition);
        var read = JsonSerializer.Deserialize(json, FormatContext.Default.Competition)!;
        Assert.Equal(own.Poses, read.OwnMovements[0].Poses);
        var book = StandardsBook.Of(read);
        var restored = book.Find("paused front squat")!;
        Assert.Equal(new Predicate.Lower(Part.HipCrease, Part.KneeTop, 30), restored.Clauses.Single(c => c.Id == "depth").Holds);
        var margin = Plate.Of(restored)!.Positions.Single(p => p.Phase == Phase.Through).Verdicts.Single(v => v.Clause == "depth").Margin;
        var without = Plate
            .Of(PhraseBook.Restore(copy with { Poses = own.Poses }))!
            .Positions.Single(p => p.Phase == Phase.Through)
            .Verdicts.Single(v => v.Clause == "depth")
            .Margin;
        Assert.Equal(30, without - margin);
    }

    /// <summary>What the library states as data is what its figures decide by.</summary>
    [Fact]
    public void The_parameters_of_every_clause_are_those_of_its_predicate() =>
        Assert.All(
            MovementLibrary.All.SelectMany(m => m.Clauses).Where(c => c.Holds is not null && c.Of?.AngleDegrees is not null),
            c => Assert.Equal(c.Holds, c.Holds!.With(c.Of))
        );

    [Fact]
    public void A_movement_without_poses_has_the_fingerprint_it_had_before_there_were_any() =>
        Assert.DoesNotContain(
            "poses",
            JsonSerializer.Serialize(MovementLibrary.All[0], FormatContext.Default.Movement),
            StringComparison.Ordinal
        );

    public static TheoryData<string, Func<Movement, Movement>> Wrong =>
        new()
        {
            { "poses[0]", m => m with { Poses = [new(Phase.SetUp, null, [])] } },
            { "poses[0]", m => m with { Poses = [new(Phase.Through, "moon", [])] } },
            { "poses[0]", m => m with { Poses = [new(Phase.Through, null, [new(Joint.Knee, Side.Near, 400)])] } },
            { "motion", m => m with { Motion = "moon-hop" } },
            { "judge.place", m => m with { Judge = m.Judge with { Place = new("") } } },
            { "synonyms", m => m with { Synonyms = [new string('x', 81)] } },
            {
                "clauses",
                m =>
                    m with
                    {
                        Clauses = [.. m.Clauses.Where(c => c.Phase != Phase.Finish)],
                        Faults = [.. m.Faults.Where(f => m.Clauses.First(c => c.Id == f.Breaks).Phase != Phase.Finish)],
                    }
            },
            { "faults", m => m with { Faults = [] } },
            { "faults[0].sign", m => m with { Faults = [m.Faults[0] with { Sign = new(" ") }, .. m.Faults.Skip(1)] } },
            {
                "clauses[0].of.angleDegrees",
                m => m with { Clauses = [m.Clauses[0] with { Of = new() { AngleDegrees = 181 } }, .. m.Clauses.Skip(1)] }
            },
            { "name.english", m => m with { Name = new("two: squats") } },
        };

    [Theory]
    [MemberData(nameof(Wrong))]
    public void What_is_wrong_is_refused_at_its_field(string path, Func<Movement, Movement> spoil) =>
        Assert.Contains(StandardRules.Movement(spoil(Paused()), []), e => e.Path == path);

    [Fact]
    public void Everything_in_the_library_can_be_perceived() => Assert.Empty(MovementLibrary.All.SelectMany(Perceivable.Of));

    public static TheoryData<string, Func<Clause, Clause>> Unseeable =>
        new()
        {
            { "text", c => c with { Text = new("The athlete squats properly.") } },
            { "text", c => c with { Text = new("The back is braced.") } },
            { "of.angleDegrees", c => c with { Of = new() { AngleDegrees = 9 } } },
            { "of.holdMilliseconds", c => c with { Of = new() { HoldMilliseconds = 499 } } },
            { "of.heightMillimetres", c => c with { Of = new() { HeightMillimetres = 19 } } },
        };

    [Theory]
    [MemberData(nameof(Unseeable))]
    public void What_no_judge_could_see_is_found_at_its_field(string field, Func<Clause, Clause> spoil)
    {
        var squat = Book.Find("front squat")!;
        var (depth, faults) = (squat.Clauses.Single(c => c.Id == "depth"), squat.Faults.Where(f => f.Breaks == "depth").ToList());
        Assert.Empty(Perceivable.Of(depth, faults));
        Assert.Equal([field], Perceivable.Of(spoil(depth), faults).Select(x => x.Field));
    }

    [Fact]
    public void The_limits_themselves_are_seen_and_a_rule_without_a_sign_is_not()
    {
        var squat = Book.Find("front squat")!;
        var (depth, faults) = (squat.Clauses.Single(c => c.Id == "depth"), squat.Faults.Where(f => f.Breaks == "depth").ToList());
        Assert.Empty(
            Perceivable.Of(
                depth with
                {
                    Of = new()
                    {
                        AngleDegrees = Perceivable.LeastAngle,
                        HoldMilliseconds = Perceivable.ShortestHold,
                        HeightMillimetres = Perceivable.LeastHeight,
                    },
                },
                faults
            )
        );
        Assert.Equal(["faults"], Perceivable.Of(depth, []).Select(x => x.Field));
        Assert.Empty(Perceivable.Of(depth with { Kind = ClauseKind.Allowed }, []));
        // A mark that is read is seen however fine it is.
        Assert.Empty(Perceivable.Of(depth with { Of = new() { HeightMillimetres = 5 } }, [faults[0] with { By = Perceived.Read }]));
    }

    [Fact]
    public void The_same_wording_keeps_what_decides_it_and_another_does_not()
    {
        var chin = MovementLibrary.ById("pull-up")!.Clauses.Single(c => c.Id == "chin");
        Movement With(string text) =>
            StandardsBook.Of(Demo.Competition with { HouseRules = [new("pull-up", "chin") { Text = new(text) }] }) is var b
                ? b.InForce(b.ById("pull-up")!)
                : null!;
        Assert.NotNull(With(chin.Text.English).Clauses.Single(c => c.Id == "chin").Holds);
        Assert.Null(With("The chin is well above.").Clauses.Single(c => c.Id == "chin").Holds);
    }
}
