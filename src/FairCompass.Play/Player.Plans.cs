using FairCompass.Core.Courses;
using FairCompass.Core.Kit;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Play;

/// <content>What is done next, and how long it takes.</content>
public sealed partial class Player
{
    private sealed partial class One
    {
        /// <summary>What a worker does next; null while nothing of the piece can be done.</summary>
        private Happening? Plan(Worker worker, PlayedPiece piece)
        {
            var from = worker.Free > state.Now ? worker.Free : state.Now;
            if (piece.Piece.Piece.IsHeaviest)
            {
                return Lift(worker, piece, from);
            }

            if (Counter(worker, piece) is not { Next: { } next } strand)
            {
                return null;
            }

            var key = piece.Piece.Piece.Key;
            var sharing = piece.SharingOf(next.Task);
            if (sharing.HoldBy >= Math.Max(2, piece.Members.Count) || sharing.AtMost < 1)
            {
                // Where all would have to hold, or nobody may do one, nobody is left to work.
                return null;
            }

            if (piece.MoveDue)
            {
                return new(from + new Duration(random.Middling(2500, 6000)), new Happened.MoveDone(key));
            }

            if (piece.LoadDue is { } due)
            {
                return new(from + new Duration(Plates(piece, due)), new Happened.ReRigged(key));
            }

            if (piece.Holding.Count < sharing.HoldBy)
            {
                return new(from + new Duration(random.Middling(1500, 5000)), new Happened.HoldTaken(key, Holder(piece)));
            }

            if (!sharing.Together && next.Seat is null && piece.Members.Count > 1 && Workers(piece, strand, sharing, next).Count == 0)
            {
                // Who still owes holds the position for the others.
                return null;
            }

            var seat = Seat(worker, piece, strand, sharing, next, out var takesOver);
            if (takesOver)
            {
                worker.TurnLeft = 0;
                return new(from + new Duration(random.Middling(900, 2600)), new Happened.HandedOver(key, seat!.Value));
            }

            if (sharing.HoldBy > 0 && random.In1000(12))
            {
                return new(from + new Duration(random.Middling(300, 1500)), new Happened.HoldBroken(key, piece.Holding[0]));
            }

            return Work(worker, piece, strand, next, sharing, seat, from);
        }

        private Happening? Work(
            Worker worker,
            PlayedPiece piece,
            PlayedStrand strand,
            Place next,
            Sharing sharing,
            int? seat,
            Duration from
        )
        {
            var key = piece.Piece.Piece.Key;
            var athlete = AthleteOf(piece, seat ?? next.Seat);
            var time = from;
            if (worker.InHand is not { } inHand || worker.At != (strand.Of.Key, next.Task, next.Rounds))
            {
                worker.InHand = inHand = Taken(piece, strand, next);
                // The walk to the next thing, hands on it; nothing before the very first.
                time += new Duration(worker.At is null ? random.Between(200, 900) : random.Middling(1200, inHand.Monitor ? 5500 : 4200));
                worker.At = (strand.Of.Key, next.Task, next.Rounds);
                worker.SetLeft = 0;
            }

            var (task, machine) = (inHand.Task, inHand.Monitor);
            if (task.Unit == AmountUnit.Second)
            {
                return Held(worker, strand, next, task, time, new Happened.Done(key, strand.Of.Key, 1, sharing.Together ? null : seat));
            }

            var works = seat ?? next.Seat;
            var (usual, fastest) = inHand.Times[works ?? 0] ??= player.TimeOf(
                key,
                task,
                player.bars.LoadOf(piece, strand, works),
                athlete.Woman
            );

            if (worker.SetLeft <= 0 && !machine)
            {
                time += Broken(worker, next, athlete, time, usual);
            }

            var units = machine
                ? Math.Clamp(TurnLeft(piece, strand, sharing, next, seat), 1, Math.Min(Steps(next, task), piece.Ahead(strand)))
                : 1;
            time += new Duration(Math.Max(1, Each(athlete, piece, sharing, usual, fastest, time)) * units);
            worker.Place = next;
            worker.SetLeft--;
            worker.TurnLeft -= units;
            if (!machine && random.In1000(athlete.NoReps))
            {
                return new(time, new Happened.NoRep(key, strand.Of.Key, FaultOf(inHand.Movement), sharing.Together ? null : seat));
            }

            if (player.Faults(key) is { Count: > 0 } faults && random.In1000(FaultsIn1000))
            {
                return new(time, new Happened.FaultCalled(key, faults[(int)random.Below((uint)faults.Count)]));
            }

            return new(time, new Happened.Done(key, strand.Of.Key, units, sharing.Together ? null : seat));
        }

        /// <summary>The rest before the next set, and how long that one becomes; no rest before the first of a task.</summary>
        private Duration Broken(Worker worker, Place next, Athlete athlete, Duration time, long usual)
        {
            var first = worker.Place is null || worker.Place.Task != next.Task || worker.Place.Rounds != next.Rounds;
            var rest = new Duration(first ? 0 : Rest(athlete, time, usual));
            worker.SetLeft = Math.Max(1, random.Middling(4, 28) * athlete.Sets / 1000 * 3000 / (2000 + Math.Min(usual, 20_000)));
            return rest;
        }

        /// <summary>A monitor is looked at before the turn ends.</summary>
        private static long TurnLeft(PlayedPiece piece, PlayedStrand strand, Sharing sharing, Place next, int? seat) =>
            Math.Min(
                sharing.AtMost - piece.TurnOf(seat) ?? long.MaxValue,
                seat is { } own ? piece.Allowed(strand, next, own) : long.MaxValue
            );

        /// <summary>One second more of a held position; null when it was let go and ends with that. Seconds up to an amount are taken up
        /// again after a rest.</summary>
        private Happening? Held(Worker worker, PlayedStrand strand, Place next, CourseTask task, Duration at, Happened.Done done)
        {
            if (worker.SetLeft <= 0)
            {
                var begun = worker.Place is { } was && was.Task == next.Task && was.Rounds == next.Rounds;
                if (begun && next.Of is null && !task.Source.Details.OfType<Detail.Flag>().Any(f => f.Is == FlagKind.MayBeBroken))
                {
                    return null;
                }

                at += new Duration(begun ? random.Middling(3000, 20_000) : 0);
                worker.SetLeft = random.Middling(15, 100);
            }

            worker.Place = next;
            worker.SetLeft--;
            worker.TurnLeft--;
            return new(at + new Duration(1000), done);
        }

        /// <summary>What one unit takes now: slower with every minute, quicker where several work at once.</summary>
        private long Each(Athlete athlete, PlayedPiece piece, Sharing sharing, long usual, long fastest, Duration at)
        {
            var minutes = Math.Min(at.Ms / 60_000, 30);
            var each =
                Math.Max(fastest, usual * athlete.Slowness / 1000 * (1000 + (athlete.Tiring * minutes)) / 1000)
                * random.Between(920, 1080)
                / 1000;
            return sharing.Together ? each * 1150 / 1000
                : sharing.AtOnce && piece.Members.Count > 1 && piece.Piece.Piece.Swaps.Count == 0 ? Math.Max(1, each / sharing.Members)
                : each;
        }

        private InHand Taken(PlayedPiece piece, PlayedStrand strand, Place next)
        {
            var task = piece.TaskAt(strand, next);
            var movement = player.MovementOf(task.Prescription.Movement.Value);
            return new(task, movement, IsRead(task, movement));
        }

        /// <summary>The counter that is worked at: the one a worker keeps to, what comes first in an interval, one after the
        /// other.</summary>
        private PlayedStrand? Counter(Worker worker, PlayedPiece piece)
        {
            if (worker.Strand is { } own)
            {
                return piece.Strand(own) is { Next: not null } strand ? strand : null;
            }

            if (piece.Strands[0].Of.Role == StrandRole.Interval)
            {
                return piece.Strands.FirstOrDefault(s => s.Of.Interval == piece.Interval && s.Next is not null);
            }

            if (piece.Strands.Count == 1)
            {
                return piece.Strands[0].Next is null || piece.Ahead(piece.Strands[0]) == 0 ? null : piece.Strands[0];
            }

            if (piece.Interval > 0)
            {
                return piece.FirstOwed > 0 ? piece.Strands[0]
                    : piece.Strands[1].Next is null ? null
                    : piece.Strands[1];
            }

            if (piece.Strands[0].Of.Role == StrandRole.Option)
            {
                // Who is tired takes the lighter way.
                var option = (int)
                    Math.Min(
                        piece.Strands.Count - 1,
                        (state.Now - piece.Opened!.Value).Ms / 60_000 * AthleteOf(piece, null).Slowness / 1500
                    );
                return piece.Strands[option];
            }

            return piece.Strands.FirstOrDefault(s => s.Next is not null);
        }

        /// <summary>True for what a monitor counts, or a mark on the floor that is passed in one go.</summary>
        private static bool IsRead(CourseTask task, Movement? movement) =>
            movement is { Kit: MovementKit.Machine }
            || (task.Unit is AmountUnit.Metre or AmountUnit.Foot && task.Counted.Word is "m" or "ft");

        /// <summary>How many units a monitor is looked at for at once.</summary>
        private static long Steps(Place next, CourseTask task) => task.Unit == AmountUnit.Calorie ? 1 : Math.Max(1, (next.Of ?? 200) / 20);

        private long Rest(Athlete athlete, Duration at, long usual)
        {
            var tired = Math.Min(at.Ms / 60_000, 20) * athlete.Tiring;
            return random.Middling(1500, 9000) * (1000 + tired) / 1000 * (2000 + Math.Min(usual, 4000)) / 4000;
        }

        /// <summary>Who works now, and whether another takes over first.</summary>
        private int? Seat(Worker worker, PlayedPiece piece, PlayedStrand strand, Sharing sharing, Place next, out bool takesOver)
        {
            takesOver = false;
            if (piece.Members.Count < 2 || sharing.Together)
            {
                return null;
            }

            return next.Seat ?? Among(worker, piece, strand, sharing, next, out takesOver);
        }

        /// <summary>Who may do the next unit: who does not hold, and takes nothing that others owe.</summary>
        private static List<int> Workers(PlayedPiece piece, PlayedStrand strand, Sharing sharing, Place next) =>
            piece
                .Members.Select((m, i) => m.Seat ?? i + 1)
                .Where(s => !piece.Holding.Contains(s))
                .Take(sharing.Members)
                .Where(s => piece.Allowed(strand, next, s) > 0)
                .ToList();

        private int? Among(Worker worker, PlayedPiece piece, PlayedStrand strand, Sharing sharing, Place next, out bool takesOver)
        {
            takesOver = false;
            var seats = Workers(piece, strand, sharing, next);
            if (piece.Piece.Piece.Swaps.Count > 0)
            {
                var place = piece.Strands.TakeWhile(s => s.Of.Key != worker.Strand).Count();
                var swaps = piece.Strand(piece.Piece.Piece.SwapWhen ?? "") is { } when
                    ? when.Of.Counter.FullRounds(when.Units)?.Full ?? 0
                    : 0;
                // Who holds for a station works at none.
                var holders = piece.Piece.Tasks.Max(t => piece.SharingOf(t.Index).HoldBy);
                var pool = piece.Members.Select((m, i) => m.Seat ?? i + 1).SkipLast(holders).ToList();
                pool = pool.Count == 0 ? seats : pool;
                return pool[(int)((place + swaps) % pool.Count)];
            }

            if (sharing.AtOnce)
            {
                return seats[(int)random.Below((uint)seats.Count)];
            }

            if (piece.Worker is not { } now || !seats.Contains(now))
            {
                worker.TurnLeft = Turn(sharing, next);
                takesOver = piece.Worker is not null;
                return piece.NextInOrder(strand) ?? seats[0];
            }

            if (piece.Turn < sharing.TurnOf || (worker.TurnLeft > 0 && !(piece.Turn >= sharing.AtMost)))
            {
                return now;
            }

            if (piece.Turn == 0)
            {
                worker.TurnLeft = Turn(sharing, next);
                return now;
            }

            takesOver = seats.Count > 1 || piece.Turn >= sharing.AtMost;
            worker.TurnLeft = Turn(sharing, next);
            return piece.NextInOrder(strand) ?? seats[(seats.IndexOf(now) + 1) % seats.Count];
        }

        /// <summary>How many units somebody does before handing over: the work in equal parts, in turns that are not too short.</summary>
        private long Turn(Sharing sharing, Place next)
        {
            if (sharing.TurnOf is { } exactly)
            {
                return exactly;
            }

            var fair = Math.Max(sharing.AtLeast, (next.Of ?? 30) / Math.Max(1, sharing.Members * random.Between(1, 3)));
            return Math.Clamp(fair, 1, Math.Min(sharing.AtMost ?? 40, 40));
        }

        /// <summary>Who takes the position: another in each cycle, and never who works.</summary>
        private static int Holder(PlayedPiece piece)
        {
            var seats = piece.Members.Select((m, i) => m.Seat ?? i + 1).ToList();
            if (piece.Piece.Piece.Swaps.Count > 0)
            {
                // The stations are worked by the first ones in turn, so the position is held by the last.
                return seats.AsEnumerable().Reverse().First(s => !piece.Holding.Contains(s));
            }

            var at = (piece.Piece.Piece.Cycle ?? piece.Piece.Piece.Turn ?? 1) - 1 + piece.Holding.Count;
            var free = seats.Where(s => s != piece.Worker && !piece.Holding.Contains(s)).ToList();
            var wanted = seats[at % seats.Count];
            return free.Contains(wanted) || free.Count == 0 ? wanted : free[0];
        }

        /// <summary>Seconds for the plates of another load, by the plan that every paper prints.</summary>
        private long Plates(PlayedPiece piece, DueLoad due)
        {
            var athlete = AthleteOf(piece, piece.Worker);
            var task = piece.Piece.Tasks[due.Task];
            var member = (piece.Members.FirstOrDefault(m => m.Seat == piece.Worker) ?? piece.Members[0]) with
            {
                Duty = athlete.Woman ? Core.Competitions.Duty.Woman : Core.Competitions.Duty.Man,
            };
            var ladder = task.Prescription.Load?.Value.Values;
            var change =
                ladder is not null && player.bars.Find(task.Source.At.Line, member) is { } loaded
                    ? player.bars.Change(loaded, LaneStacks.Rungs(ladder).TakeWhile(l => l != due.To).Count())
                    : null;
            var handled = change?.Handled ?? 4;
            return Math.Max(2000, handled * PlatePlanner.UsualMsPerPlate * random.Between(800, 1300) / 1000);
        }

        private string? FaultOf(Movement? movement) =>
            movement is { Faults: { Count: > 0 } faults } ? faults[(int)random.Below((uint)faults.Count)].Id : null;
    }
}
