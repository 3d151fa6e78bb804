using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Languages;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;

namespace FairCompass.Play;

/// <summary>Writes down what is done at one counter of one part, as rows over the clock.</summary>
internal sealed class TrackRecorder(string piece, string strand, Understanding u)
{
    private readonly Competition competition = u.Competition;
    private readonly LaneBars bars = u.Bars;
    private readonly List<TaskAt> tasks = [];
    private readonly List<TickAt> ticks = [];
    private readonly List<NoRepAt> noReps = [];
    private readonly List<WhoAt> who = [];
    private readonly List<RestAt> rests = [];
    private (int Task, Eq<long> Rounds)? at;
    private decimal? load;

    /// <summary>True when something can concern it: what happens in its own part, and what the clock or an end brings.</summary>
    public bool Concerns(Happening happening, PlayedCourse after) =>
        happening.What.In is not { } key || key == piece || after.Piece(key) is not { Phase: PiecePhase.Open };

    /// <summary>Looks at the lane after something happened.</summary>
    public void See(Happening happening, PlayedCourse after)
    {
        if (after.Piece(piece) is not { } played)
        {
            return;
        }

        var ms = happening.At.Ms;
        if (played.Strand(strand) is { } counter && played.Opened is not null)
        {
            var mine = happening.What is Happened.Done done && done.Piece == piece && done.Strand == strand ? done : null;
            if (mine is not null)
            {
                ticks.Add(
                    new(
                        ms,
                        counter.Next is { } n && n.Unit > 1 ? n.Unit - 1
                            : tasks.Count > 0 ? tasks[^1].Of ?? 0
                            : 0,
                        counter.Counted
                    )
                );
            }

            if (counter.Next is { } next && (at != (next.Task, next.Rounds) || (load is not null && played.LoadAt(counter) != load)))
            {
                at = (next.Task, next.Rounds);
                load = played.LoadAt(counter);
                tasks.Add(Task(ms, played, counter, next));
            }

            if (
                happening.What is Happened.HoldBroken lost
                && lost.Piece == piece
                && ticks.Count > 0
                && ticks[^1].Counted != counter.Counted
            )
            {
                ticks.Add(new(ms, counter.Next is { } again ? again.Unit - 1 : 0, counter.Counted));
            }

            if (happening.What is Happened.NoRep no && no.Piece == piece && no.Strand == strand)
            {
                noReps.Add(new(ms, CallOf(played, counter, no.Fault)));
            }
        }

        if (happening.What is Happened.Lifted lift && lift.Piece == piece)
        {
            Lifted(ms, lift);
        }

        Seen(ms, played);
        if (played is { Phase: PiecePhase.Resting, RestUntil: { } until } && (rests.Count == 0 || rests[^1].Until != until.Ms))
        {
            rests.Add(new(ms, until.Ms));
        }
    }

    /// <summary>The rows.</summary>
    public TrackReplay Track(PlayedCourse end)
    {
        var played = end.Piece(piece)!;
        var counter = played.Strand(strand);
        var name = string.Join(
            ": ",
            new[] { played.Piece.Piece.IsNamed ? Words.Capital(played.Piece.Piece.Name) : "", counter?.Of.Name ?? "" }.Where(n =>
                n.Length > 0
            )
        );
        return new(
            name,
            played.Opened?.Ms,
            played.Opened is null ? null : (played.Finished ?? played.Cap)?.Ms,
            played.Phase == PiecePhase.Finished,
            counter is not null,
            counter?.Of.Counter.AllCounted,
            tasks,
            ticks,
            noReps,
            who,
            rests
        );
    }

    private void Lifted(long ms, Happened.Lifted lift)
    {
        var said = new Mass(lift.Load, competition.Unit).ToString();
        ticks.Add(new(ms, ticks.Count + 1, 0));
        tasks.Add(
            new(ms, $"{said}, {(lift.Made ? "made" : "missed")}{(lift.Seat is { } s ? $", {Words.Ordinal(s)}" : "")}", null, null, null)
        );
    }

    private void Seen(long ms, PlayedPiece played)
    {
        if (played.Members.Count < 2 || !played.IsOpen)
        {
            return;
        }

        var said = new[]
        {
            played.Worker is { } worker ? $"{Words.Ordinal(worker)} works" : "",
            played.Holding.Count > 0 ? $"{Words.Join(played.Holding.Select(s => Words.Ordinal(s)))} holds" : "",
        };
        var words = string.Join(", ", said.Where(s => s.Length > 0));
        if (words.Length > 0 && (who.Count == 0 || who[^1].Words != words))
        {
            who.Add(new(ms, words));
        }
    }

    private TaskAt Task(long ms, PlayedPiece played, PlayedStrand counter, Place next)
    {
        var task = played.TaskAt(counter, next);
        var interval = counter.Of.Role is StrandRole.First or StrandRole.Interval || played.Piece.Plain is not null;
        var round = next.Rounds.Count > 0 ? $"{(interval ? "Interval" : "Round")} {string.Join('·', next.Rounds)}: " : "";
        var movement = StandardsBook.Of(competition).Find(task.Prescription.Movement.Value);
        var standing = Bars(played, counter, movement, task);
        return new(
            ms,
            round + TaskWords.Of(task, next.Of, Tongue.English),
            next.Of,
            movement?.Judge.Call.English,
            standing.Count > 0 ? standing[0] : null
        )
        {
            Bars = standing,
        };
    }

    /// <summary>The bars that stand loaded for a task, from the one plan of plates: one, or one for each duty of a team that has its
    /// own.</summary>
    private Eq<BarAt> Bars(PlayedPiece played, PlayedStrand counter, Movement? movement, CourseTask task)
    {
        if (movement is not { Kit: MovementKit.Barbell } || task.Prescription.Load?.Value is not { } load)
        {
            return [];
        }

        var all = played
            .Members.Select(
                (m, i) => (Who: m, Loaded: bars.Find(task.Source.At.Line, m), Mass: bars.LoadOf(played, counter, m.Seat ?? i + 1))
            )
            .Where(x => x.Mass is not null)
            .DistinctBy(x => (x.Loaded is null ? default : bars.BarOf(x.Loaded), x.Mass))
            .ToList();
        return all.Select(x =>
            {
                var said =
                    new Mass(x.Mass!.Value, load.Unit).ToString()
                    + (
                        all.Count > 1 && (x.Who.Duty?.Word() ?? (x.Who.Seat is { } s ? Words.Ordinal(s) : null)) is { } whose
                            ? ", " + whose
                            : ""
                    );
                var bar = competition.Kit.Bar(x.Who.Duty, task.Prescription.Bar?.Value).Mass;
                if (
                    x.Loaded?.Prescription.Load?.Value.Values is not { } ladder
                    || bars.Change(x.Loaded, LaneStacks.Rungs(ladder).TakeWhile(r => r != x.Mass).Count()) is not { } change
                )
                {
                    return new BarAt(said, bar, [], null);
                }

                var changing = played.LoadDue is null || change.Handled == 0 ? null : change.In(Tongue.English, competition) + " each side";
                return BarAt.Of(said, bar, change, changing, competition);
            })
            .ToEq();
    }

    private string CallOf(PlayedPiece played, PlayedStrand counter, string? fault) =>
        fault is not null
        && counter.Next is { } next
        && StandardsBook
            .Of(competition)
            .Find(played.TaskAt(counter, next).Prescription.Movement.Value)
            ?.Faults.FirstOrDefault(f => f.Id == fault)
            is { } named
            ? named.Call.English
            : "No rep";
}
