using CsCheck;
using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;

namespace FairCompass.Core.Tests.Standards;

/// <summary>Whatever a competition chooses, every standard stays one that can be judged.</summary>
public class WholeStandardTests
{
    /// <summary>Every topic answered by a school taken at random, and some clauses reworded or left out.</summary>
    private static readonly Gen<Competition> Chosen = Gen.Select(
        Gen.Int[0, 9].Array[Topics.All.Count],
        Gen.Select(Gen.Int[0, MovementLibrary.All.Count - 1], Gen.Int[0, 30], Gen.Bool).Array[0, 12],
        (schools, changes) =>
            Demo.Competition with
            {
                Policies = Topics
                    .All.Where(t => t.Schools.Count > 0)
                    .Select((t, i) => new PolicyChoice(t.Name, t.Schools[schools[i] % t.Schools.Count].Name))
                    .ToEq(),
                HouseRules = changes
                    .Select(c => (Movement: MovementLibrary.All[c.Item1], Clause: c.Item2, Gone: c.Item3))
                    .Select(c => (c.Movement, Clause: c.Movement.Clauses[c.Clause % c.Movement.Clauses.Count], c.Gone))
                    .Where(c => c.Clause.Phase != Phase.Finish)
                    .DistinctBy(c => (c.Movement.Id, c.Clause.Id))
                    .Select(c => new ClauseChange(c.Movement.Id, c.Clause.Id)
                    {
                        DoesNotApply = c.Gone,
                        Text = c.Gone ? null : new Said("Said otherwise here.", "Aquí se dice de otra forma."),
                    })
                    .ToEq(),
            }
    );

    [Fact]
    public void Every_standard_under_every_choice_is_whole() =>
        Chosen.Sample(
            c =>
            {
                Assert.Empty(CompetitionRules.Validate(c));
                var book = StandardsBook.Of(c);
                foreach (var movement in MovementLibrary.All)
                {
                    var m = book.InForce(movement);
                    Assert.Equal(m.Clauses.Count, m.Clauses.Select(x => x.Id).Distinct().Count());
                    Assert.Contains(m.Clauses, x => x.Phase == Phase.Finish);
                    Assert.All(
                        m.Faults,
                        f =>
                            Assert.True(
                                m.Clauses.Any(x => x.Id == f.Breaks),
                                $"{m.Id}: the no-rep “{f.Sign.English}” breaks {f.Breaks}, which is not in force."
                            )
                    );
                    Assert.Equal(m.Faults.Count, m.Faults.Select(f => (f.Breaks, f.Sign.English)).Distinct().Count());
                    Assert.All(
                        m.Clauses,
                        x =>
                            Assert.True(
                                x.From.By == Source.Library || x.From.Detail is { Length: > 0 } || x.From.By == Source.HouseRule,
                                $"{m.Id} {x.Id} does not say where it comes from."
                            )
                    );
                    Assert.All(
                        m.Clauses.Where(x => x.Text.English != "Said otherwise here."),
                        x => Assert.NotEqual("", x.Text.Spanish ?? "")
                    );
                }
            },
            iter: 30
        );

    /// <summary>A drawn clause that another school rewords is still decided by its figure, or no longer claims to be.</summary>
    [Fact]
    public void Figures_follow_every_choice() =>
        Chosen.Sample(
            c =>
            {
                var book = StandardsBook.Of(c);
                foreach (var movement in MovementLibrary.All)
                {
                    var plate = Plate.Of(book.InForce(movement), Body.Usual);
                    Assert.Equal(Plate.Of(movement, Body.Usual) is null, plate is null);
                    Assert.All(plate?.Positions ?? [], f => Assert.NotNull(f.Drawing));
                    Assert.All(
                        plate?.Faults ?? [],
                        f =>
                            Assert.True(
                                book.InForce(movement).Clauses.Any(x => x.Id == f.Clause),
                                $"{movement.Id} shows a fault against {f.Clause}, which is not in force."
                            )
                    );
                }
            },
            iter: 8
        );
}
