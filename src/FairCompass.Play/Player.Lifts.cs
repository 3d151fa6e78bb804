using FairCompass.Core.Kit;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Play;

/// <content>Lifts for the heaviest load.</content>
public sealed partial class Player
{
    private sealed partial class One
    {
        /// <summary>The next lift: loads climb towards what the lifter can do, and the chance falls on the way.</summary>
        private Happening? Lift(Worker worker, PlayedPiece piece, Duration from)
        {
            if (piece.Lifting?.Rising is { } heights)
            {
                return Height(worker, piece, heights, from);
            }

            var movement = piece.Lifted!.Prescription.Movement.Value;
            var seats = piece.Members.Count > 1 ? piece.Members.Select((m, i) => m.Seat ?? i + 1).ToList() : [0];
            var seat = seats[worker.Lifts % seats.Count];
            if (piece.Lifting?.Attempts is { } attempts && worker.Lifts >= attempts * seats.Count)
            {
                return null;
            }

            var athlete = AthleteOf(piece, seat == 0 ? null : seat);
            var pace = player.paces.Of(movement, AmountUnit.Rep, player.plain.Address.Division.Name);
            // A set of several is done with less: 3 % for each further rep, common practice.
            var best = PaceTable.Best(pace, athlete.Woman) * athlete.Strength / 1000 * (100 - (3 * (piece.Piece.Piece.SetOf - 1))) / 100;
            best = player.competition.Unit == MassUnit.Pound ? best / Mass.KilogramsPerPound : best;
            var wish = worker.NextLoad.TryGetValue(seat, out var next) ? next : best * random.Between(780, 880) / 1000;
            // What is on the bar at the start is lifted first.
            var first = worker.Lifts < seats.Count ? piece.Lifting?.StartOf(seat == 0 ? null : seat) : null;
            if ((first ?? Made(wish, athlete.Woman, piece.Lifted!.Prescription)) is not { } load)
            {
                return null;
            }

            load = Math.Max(load, worker.LastLoad.GetValueOrDefault(seat));
            worker.LastLoad[seat] = load;

            var share = (long)(load * 1000 / best);
            var chance = share switch
            {
                <= 900 => 970,
                <= 970 => 860,
                <= 1000 => 620,
                <= 1030 => 240,
                _ => 40,
            };
            var made = random.In1000(chance);
            worker.NextLoad[seat] = made ? load * random.Between(1030, 1070) / 1000 : load;
            worker.Lifts++;
            // One loads while the other lifts; each further rep of a set takes some seconds.
            var time =
                from + new Duration((random.Middling(24_000, 62_000) / Math.Min(2, seats.Count)) + (3000 * (piece.Piece.Piece.SetOf - 1)));
            return new(time, new Happened.Lifted(piece.Piece.Piece.Key, load, made, seat == 0 ? null : seat));
        }

        /// <summary>The next height: the same again after a miss, the next after one that was made; the chance falls with each.</summary>
        private Happening? Height(Worker worker, PlayedPiece piece, RisingHeights heights, Duration from)
        {
            var (first, by) = (heights.First ?? 60, heights.By is { } more && more > 0 ? more : 5);
            var seat = piece.Members.Count > 1 ? piece.Members[0].Seat ?? 1 : 0;
            var height = worker.NextLoad.TryGetValue(seat, out var next) ? next : first;
            if (piece.Breach(height, seat == 0 ? null : seat) is not null)
            {
                return null;
            }

            var athlete = AthleteOf(piece, seat == 0 ? null : seat);
            var steps = (int)((height - first) / by);
            var made = random.In1000(Math.Clamp(990 - (steps * steps * 14) + ((athlete.Strength - 1000) / 2), 60, 990));
            worker.NextLoad[seat] = made ? height + by : height;
            worker.Lifts++;
            return new(
                from + new Duration(random.Middling(9_000, 26_000)),
                new Happened.Lifted(piece.Piece.Piece.Key, height, made, seat == 0 ? null : seat)
            );
        }

        /// <summary>The nearest load that the lane can make: with a bar what its plates give, otherwise whole units.</summary>
        private decimal? Made(decimal wish, bool woman, Prescription lift)
        {
            if (
                player.MovementOf(lift.Movement.Value) is not { Kit: Core.Standards.MovementKit.Barbell }
                || player.competition.Kit.Plates.Count == 0
            )
            {
                return Math.Max(1, decimal.Round(wish));
            }

            var loads = player.LoadsOf(woman, lift);
            var (below, above) = BarLoads.Nearest(wish, loads);
            return below ?? above ?? (loads.Count > 0 ? loads[^1] : null);
        }
    }
}
