using FairCompass.Core.Courses;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;

namespace FairCompass.Play;

/// <content>The loop of one run.</content>
public sealed partial class Player
{
    /// <summary>One run while it is made up.</summary>
    private sealed partial class One(Player player, Pcg32 random, CancellationToken cancel)
    {
        private readonly List<Happening> events = [];
        private readonly List<int> open = [];
        private bool moved = true;
        private Worker[]?[] workers = [];
        private readonly Dictionary<int, Athlete> athletes = [];
        private PlayedCourse state = null!;

        public PlayedRun Play(ulong seed)
        {
            var division = player.plain.Address.Division;
            foreach (var seat in Enumerable.Range(1, division.Size))
            {
                var who = division.IsTeam ? player.plain.Address with { Seat = seat, Duty = division.DutyOf(seat) } : player.plain.Address;
                athletes[seat] = Athlete.Of(who, random);
            }

            state = Choices() is { Count: > 0 } choices ? PlayedCourse.Start(player.plain, player.sheet, choices) : player.AtTheLine;
            workers = new Worker[]?[state.Pieces.Count];
            foreach (var choice in state.Choices)
            {
                Happens(new(Duration.Zero, new Happened.OptionTaken(choice.Piece, choice.Task, choice.Option, choice.Round)));
            }

            while (!state.IsOver && events.Count < MostEvents)
            {
                cancel.ThrowIfCancellationRequested();
                if (!Step())
                {
                    break;
                }
            }

            return new(seed, events, state);
        }

        /// <summary>The earliest of what is planned and of what the clock brings; false when there is nothing left.</summary>
        private bool Step()
        {
            Happening? first = null;
            Worker? whose = null;
            foreach (var i in Open())
            {
                var piece = state.Pieces[i];
                foreach (var worker in WorkersOf(i, piece))
                {
                    worker.Plan ??= Plan(worker, piece);
                    if (worker.Plan is { } plan && plan.At <= piece.Cap && (first is null || plan.At < first.At))
                    {
                        (first, whose) = (plan, worker);
                    }
                }
            }

            var moment = state.NextMoment;
            if (first is null && moment is null)
            {
                // Nothing more is done in what is open: the last bell is gone.
                return state.Pieces.Any(p => p.Phase is PiecePhase.Open or PiecePhase.Resting)
                    && Happens(new(state.Now + new Duration(1), new Happened.ClockCame()));
            }

            if (first is null || moment <= first.At)
            {
                Happens(new(moment!.Value, new Happened.ClockCame()));
                foreach (var worker in workers.OfType<Worker[]>().SelectMany(w => w))
                {
                    // Another interval begins with other work; what was in hand is put down.
                    if (state.Piece(worker.Piece) is { Interval: > 0 })
                    {
                        worker.Plan = null;
                    }
                }

                return true;
            }

            whose!.Plan = null;
            whose.Free = first.At;
            return Happens(first, whose.Index);
        }

        /// <param name="happening">What.</param>
        /// <param name="index">In which piece; null for what concerns the whole lane.</param>
        private bool Happens(Happening happening, int? index = null)
        {
            state = state.After(happening);
            // A unit opens and ends nothing, unless it was the last of its piece or before a rest.
            moved |=
                happening.What is not (Happened.Done or Happened.NoRep) || index is not { } i || state.Pieces[i].Phase != PiecePhase.Open;
            events.Add(happening);
            return true;
        }

        /// <summary>The pieces that are worked at; looked up anew only when something opened or ended.</summary>
        private List<int> Open()
        {
            if (moved)
            {
                open.Clear();
                open.AddRange(Enumerable.Range(0, state.Pieces.Count).Where(i => state.Pieces[i].Phase == PiecePhase.Open));
                moved = false;
            }

            return open;
        }

        private Worker[] WorkersOf(int index, PlayedPiece piece) => workers[index] ??= Made(index, piece);

        // By itself: what a lambda holds is made with every call of the method that it stands in.
        private Worker[] Made(int index, PlayedPiece piece)
        {
            var (key, free) = (piece.Piece.Piece.Key, piece.Opened ?? state.Now);
            return piece.Piece.Piece.Swaps.Count > 0
                ? [.. piece.Strands.Select(s => new Worker(index, key, s.Of.Key) { Free = free })]
                : [new(index, key, null) { Free = free }];
        }

        /// <summary>Which options are taken: said before the start, most often the first in all rounds.</summary>
        private Eq<Chosen> Choices()
        {
            var choices = new List<Chosen>();
            foreach (var piece in player.plain.Pieces)
            {
                if (piece.Strands.Any(s => s.Role == StrandRole.Option))
                {
                    continue;
                }

                foreach (var task in piece.Tasks.Where(t => t.Options.Count > 1))
                {
                    var option = random.In1000(550) ? 0 : (int)random.Below((uint)task.Options.Count);
                    if (option > 0)
                    {
                        choices.Add(new(piece.Piece.Key, task.Index, option, null));
                    }
                }
            }

            return choices.ToEq();
        }

        private Athlete AthleteOf(PlayedPiece piece, int? seat) => athletes[seat ?? piece.Members[0].Seat ?? 1];
    }
}
