using CsCheck;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Scoring;

/// <summary>More work in no more time never ranks lower, under every demo workout and every division.</summary>
public class FairnessTests
{
    private static readonly IReadOnlyList<(Course Course, ScoreSheet Sheet)> All = DraftTexts
        .DemoNames.SelectMany(n => Demo.Understand(DraftTexts.Read(n)) is var u ? u.Courses.Zip(u.Sheets, (c, s) => (c, s)) : [])
        .ToList();

    [Fact]
    public void One_more_unit_never_ranks_lower() =>
        Gen.Select(Gen.Int[0, All.Count - 1], Gen.Int[0, 1_000_000])
            .Sample(
                (i, seed) =>
                {
                    var (course, sheet) = All[i];
                    var random = new Random(seed);
                    var fields = Card.Fields(course, sheet)
                        .Where(f => f.Field is CardFieldKind.Counted or CardFieldKind.Count)
                        // A running total that goes on raises those behind it too: relays that go on have a test of their own.
                        .Where(f => !course.Piece(f.Piece)!.Piece.OfChain)
                        .ToList();
                    var less = fields.ToDictionary(f => f, f => random.NextInt64(0, (f.Max ?? 300) + 1));
                    var more = new Dictionary<CardField, long>(less);
                    var raised = fields[random.Next(fields.Count)];
                    if (raised.Max is { } max && less[raised] >= max)
                    {
                        return;
                    }

                    more[raised]++;
                    var (a, b) = (Results(course, sheet, fields, less), Results(course, sheet, fields, more));
                    for (var c = 0; c < sheet.Components.Count; c++)
                    {
                        // Equal tie times would be no later for who did more; without times the classes and values decide.
                        Assert.True(
                            (b[c].Class, b[c].Value).CompareTo((a[c].Class, a[c].Value)) <= 0,
                            $"{course.Address}: {a[c].Text} and {b[c].Text}"
                        );
                    }
                },
                iter: 4000
            );

    [Fact]
    public void Credit_is_never_more_than_the_whole_work_is_worth() =>
        Gen.Select(Gen.Int[0, All.Count - 1], Gen.Double[0, 1])
            .Sample(
                (i, share) =>
                {
                    foreach (var strand in All[i].Course.Pieces.SelectMany(p => p.Strands).Where(s => s.Counter.Units is not null))
                    {
                        var units = (long)(strand.Counter.Units!.Value * share);
                        Assert.InRange(strand.Counter.Sum(units, Tally.Credit), 0, strand.Counter.Total(Tally.Credit)!.Value);
                    }
                }
            );

    [Fact]
    public void The_same_facts_give_the_same_scores_whatever_their_order() =>
        Gen.Int[0, All.Count - 1]
            .Sample(
                i =>
                {
                    var (course, sheet) = All[i];
                    foreach (var sample in SampleRuns.Of(course, sheet, Demo.Competition))
                    {
                        var turned = sample.Run with
                        {
                            Pieces = sample.Run.Pieces.Reverse().Select(p => p with { Counts = p.Counts.Reverse().ToEq() }).ToEq(),
                        };
                        Assert.Equal(sample.Results, Scorer.Score(turned, course, sheet, MassUnit.Kilogram));
                    }
                },
                iter: 60
            );

    /// <summary>At the same performance a later bell never scores less: with another minute nothing that was done is lost.</summary>
    [Theory]
    [InlineData("02", "14:00", "15:00")]
    [InlineData("03", "13:00", "14:00")]
    [InlineData("07", "13:00", "14:00")]
    [InlineData("08", "16:30", "17:30")]
    [InlineData("13", "11:00", "12:00")]
    public void A_later_bell_never_scores_less(string number, string bell, string later)
    {
        var (u, v) = (
            Demo.Understand(DraftTexts.Demo(number)),
            Demo.Understand(DraftTexts.Demo(number).Replace(bell + " for", later + " for", StringComparison.Ordinal))
        );
        foreach (var sample in SampleRuns.Of(u.Courses[0], u.Sheets[0], Demo.Competition))
        {
            Assert.Empty(Card.Validate(sample.Run, v.Courses[0], v.Sheets[0]));
            var after = Scorer.Score(sample.Run, v.Courses[0], v.Sheets[0], MassUnit.Kilogram);
            Assert.All(
                sample.Results.Zip(after),
                x => Assert.True((x.Second.Class, x.Second.Value).CompareTo((x.First.Class, x.First.Value)) <= 0)
            );
        }
    }

    private static Eq<ComponentResult> Results(Course course, ScoreSheet sheet, List<CardField> fields, Dictionary<CardField, long> counts)
    {
        var pieces = fields
            .GroupBy(f => f.Piece)
            .Select(g => new PieceObservation(
                g.Key,
                null,
                g.Where(f => f.Field == CardFieldKind.Counted).Select(f => (long?)counts[f]).FirstOrDefault(),
                null,
                [],
                Counts: g.Where(f => f.Field == CardFieldKind.Count).Select(f => new StrandCount(f.Strand!, counts[f])).ToEq()
            ));
        return Scorer.Score(new RunObservation(EntryStatus.Ran, pieces.ToEq()), course, sheet, MassUnit.Kilogram);
    }
}
