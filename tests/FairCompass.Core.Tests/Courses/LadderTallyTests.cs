using CsCheck;
using FairCompass.Core.Courses;

namespace FairCompass.Core.Tests.Courses;

/// <summary>Ladders shared by the round and left out of rounds: closed forms over every other term, against rounds written out.</summary>
public class LadderTallyTests
{
    private const int Rounds = 40;

    /// <summary>A ladder without end or up to a last term, and in which rounds it is done.</summary>
    private sealed record Ladder(int First, int Step, int Written, int? More, int Nth, int Other)
    {
        public string Text
        {
            get
            {
                var terms = Enumerable.Range(0, Written).Select(i => First + (i * Step));
                var last = More is { } n ? $"-{First + ((Written + n) * Step)}" : "";
                var nth = Nth == 1 ? "" : $", every {Nth}{(Nth == 2 ? "nd" : Nth == 3 ? "rd" : "th")} round";
                return $"T\n  for Ferry Pairs\n\n9:00 for reps\n  rounds without end\n    share: taking turns by the round\n"
                    + $"    {string.Join('-', terms)}-...{last} sit-up{nth}\n    {Other} pull-up\n\nscore: reps\n  tie: shared\n";
            }
        }

        /// <summary>Sit-ups of a round, from 0; a closed ladder stays on its last term.</summary>
        public long In(int round) => (round + 1) % Nth != 0 ? 0 : First + (Step * (More is { } n ? Math.Min(round, Written + n) : round));
    }

    private static readonly Gen<Ladder> Ladders = Gen.Select(
        Gen.Int[1, 30],
        Gen.Int[1, 12],
        Gen.Int[2, 4],
        Gen.Int[-1, 25],
        Gen.Int[1, 5],
        Gen.Int[1, 9],
        (first, step, written, more, nth, other) => new Ladder(first, step, written, more < 0 ? null : more, nth, other)
    );

    private static Strand StrandOf(Ladder ladder)
    {
        var u = Demo.Understand(ladder.Text);
        Assert.True(u.Parsed.Problems.Count == 0, ladder.Text + string.Join("; ", u.Parsed.Problems.Select(p => p.Sentence)));
        return u.Courses[0].Pieces[0].Strand!;
    }

    [Fact]
    public void Full_rounds_add_up_for_all_and_for_each_member() =>
        Ladders.Sample(ladder =>
        {
            var strand = StrandOf(ladder);
            var (all, seats) = (0L, new long[2]);
            for (var round = 0; round < Rounds; round++)
            {
                var units = ladder.In(round) + ladder.Other;
                all += units;
                seats[round % 2] += units;
                Assert.Equal(all, strand.UnitsAfterRound(round + 1));
                Assert.Equal(all, strand.Sum(all, Tally.Credit));
                Assert.Equal(seats[0], strand.Sum(all, Tally.OfSeat(1)));
                Assert.Equal(seats[1], strand.Sum(all, Tally.OfSeat(2)));
            }
        });

    [Fact]
    public void Any_unit_stands_in_its_round_at_its_task() =>
        Gen.Select(Ladders, Gen.Int[1, 5_000])
            .Sample(
                (ladder, unit) =>
                {
                    var strand = StrandOf(ladder);
                    var (round, left) = (0, (long)unit);
                    while (left > ladder.In(round) + ladder.Other)
                    {
                        left -= ladder.In(round++) + ladder.Other;
                    }

                    var place = strand.At(unit);
                    Assert.Equal(round + 1, place.Rounds[0]);
                    Assert.Equal(left > ladder.In(round) ? 1 : 0, place.Task);
                    Assert.Equal(unit, strand.UnitsAt(place));
                    Assert.Equal(unit, strand.Reach(strand.Sum(unit, Tally.Credit), Tally.Credit));
                }
            );
}
