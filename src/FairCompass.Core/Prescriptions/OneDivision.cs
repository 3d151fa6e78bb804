using FairCompass.Core.Binding;
using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Prescriptions;

/// <summary>
/// A workout as one division does it: what holds for the division stands on the task itself, and what is said of others is
/// gone, so that nobody reads another division’s bar on the own brief. A task is only written anew when every entry of the
/// division then resolves to the very same values in every round; else it keeps its lines.
/// </summary>
/// <example>
/// For Meadow, <c>24 power clean, 70/47.5 kg</c> with the lines <c>Estuary: 60/40 kg</c> and <c>Meadow: 45/35 kg</c> under it
/// is <c>24 power clean, 45/35 kg</c>.
/// </example>
public sealed class OneDivision
{
    private readonly Resolver resolver;
    private readonly List<string> chain;
    private readonly IReadOnlyList<Address> entries;

    /// <summary>Prepares the view of a division.</summary>
    /// <param name="competition">Says from whom the division inherits.</param>
    /// <param name="workout">The workout, for all divisions.</param>
    /// <param name="resolver">The resolver of that workout.</param>
    /// <param name="division">The division; one that does not do the workout leaves it as it is.</param>
    public OneDivision(Competition competition, Workout workout, Resolver resolver, Division division)
    {
        this.resolver = resolver;
        chain = [.. competition.Chain(division).Select(d => d.Name)];
        var columns = resolver.Addresses.Where(a => a.Division.Name == division.Name).ToList();
        var groups = workout.Headers.OfType<Header.Groups>().SelectMany(g => g.Items).ToList();
        entries =
        [
            .. columns,
            .. columns.SelectMany(a => groups.Where(g => a.Seat is { } s && g.Seats.Contains(s)).Select(g => a with { Group = g.Name })),
        ];
    }

    /// <summary>A stage of the workout as the division does it.</summary>
    public Stage Of(Stage stage) =>
        entries.Count == 0
            ? stage
            : WorkTree.Replace(
                Timed(stage),
                w =>
                    w switch
                    {
                        Work.Task task => Of(task),
                        Work.Complex complex => Of(complex),
                        _ => w,
                    }
            );

    /// <summary>The stage with the division’s own times, where all its entries have the same.</summary>
    private Stage Timed(Stage stage)
    {
        var each = entries.Select(e => OwnTimes.Of(stage, resolver, e)).Distinct().ToList();
        return each.Count == 1 ? each[0] : stage;
    }

    private Work.Task? Of(Work.Task task)
    {
        if (entries.All(a => PrescriptionTable.IsElsewhere(task, a, resolver)))
        {
            return null;
        }

        var folded = Folded(task);
        return Same(task, folded) ? folded
            : Filtered(task) is var filtered && Same(task, filtered) ? filtered
            : task;
    }

    private Work.Complex Of(Work.Complex complex)
    {
        var bar = new Work.Task(null, "", complex.Details, complex.Lines);
        var (folded, filtered) = (Folded(bar), complex with { Lines = Filtered(bar).Lines });
        var anew = complex with { Details = folded.Details, Lines = folded.Lines };
        return Same(complex, anew) ? anew
            : Same(complex, filtered) ? filtered
            : complex;
    }

    private bool Same(Work.Complex complex, Work.Complex other) =>
        complex.Lifts.All(lift =>
            Iterations(lift.Lines.Concat(complex.Lines))
                .All(at => entries.All(a => Equal(resolver.Resolve(lift, a, at, complex), resolver.Resolve(lift, a, at, other))))
        );

    /// <summary>Whether two tasks and their options are the same for every entry in every round that a line names.</summary>
    private bool Same(Work.Task task, Work.Task other) =>
        Iterations(task.Lines)
            .All(at =>
                entries.All(a =>
                    Equal(resolver.Resolve(task, a, at), resolver.Resolve(other, a, at))
                    && resolver
                        .Options(task, a, at)
                        .Select(o => resolver.Resolve(task, o, a, at))
                        .SequenceEqual(resolver.Options(other, a, at).Select(o => resolver.Resolve(other, o, a, at)), Values.Equal)
                )
            );

    private static bool Equal(Prescription a, Prescription b) => Values.Equal.Equals(a, b);

    private IEnumerable<Iteration> Iterations(IEnumerable<TaskLine> lines)
    {
        var names = lines.OfType<TaskLine.Override>().SelectMany(o => o.For).SelectMany(resolver.Names.Of).Distinct().ToList();
        var cycles = names.OfType<Selector.AtCycle>().Select(n => (int?)n.Cycle).Append(null).ToList();
        var rounds = names.OfType<Selector.AtRound>().Select(n => (long?)n.Round).Append(null).ToList();
        return cycles.SelectMany(c => rounds.Select(r => new Iteration(c, r))).Distinct();
    }

    /// <summary>The lines that give the division’s own values are put into the task; those that narrow further stay, without its
    /// name.</summary>
    private Work.Task Folded(Work.Task task)
    {
        var plain = task
            .Lines.OfType<TaskLine.Override>()
            .Where(o => !o.Choose && o.For.Any(w => w.Names.Count == 1 && Distance(w.Names[0]) >= 0))
            .ToList();
        var whole = resolver.Resolve(task with { Lines = [.. plain] }, entries[0]);
        var details = plain.SelectMany(o => o.Details).ToList();
        var (attempts, misses) = (Nearest<Detail.LiftAttempts>(), Nearest<Detail.Misses>());
        bool Wins(Detail d) =>
            d switch
            {
                Detail.Load => IsAt(whole.Load?.From, d.At),
                Detail.OwnBest => IsAt(whole.OfBest?.From, d.At),
                Detail.Rising => IsAt(whole.Rising?.From, d.At),
                Detail.Misses => ReferenceEquals(d, misses),
                Detail.Height => whole.Heights.Any(h => IsAt(h.From, d.At)),
                Detail.From => IsAt(whole.From?.From, d.At),
                Detail.OnBar => IsAt(whole.Bar?.From, d.At),
                Detail.Lengths
                or Detail.Marks
                or Detail.Chunks
                or Detail.Counts
                or Detail.EveryCount
                or Detail.Credited
                or Detail.Uncounted
                or Detail.Bonus => whole.Counting.Any(c => ReferenceEquals(c, d)),
                Detail.LiftAttempts => ReferenceEquals(d, attempts),
                // Whose a task is, the task says; a line that gives it other values does not.
                Detail.Only only => only.For.Names.Any(n => Distance(n) < 0) && task.Details.Any(t => ReferenceEquals(t, d)),
                _ => true,
            };
        T? Nearest<T>()
            where T : Detail =>
            resolver.Nearest(plain.SelectMany(o => o.Details.OfType<T>().Select(d => (o.For, d))), entries[0])
            ?? task.Details.OfType<T>().FirstOrDefault();
        return task with
        {
            Amount = whole.Amount?.Value,
            Movement = whole.Movement.Value,
            Details = task
                .Details.Where(Wins)
                .Concat(
                    details.Where(d => Wins(d) && !(d is Detail.Flag or Detail.EveryNth or Detail.InRounds && task.Details.Contains(d)))
                )
                .ToEq(),
            Lines = Kept(task, plain.Contains, withNames: false),
        };
    }

    /// <summary>The task with the lines that reach the division, as they are.</summary>
    private Work.Task Filtered(Work.Task task) => task with { Lines = Kept(task, _ => false, withNames: true) };

    private Eq<TaskLine> Kept(Work.Task task, Func<TaskLine.Override, bool> gone, bool withNames) =>
        task
            .Lines.Where(l =>
                l switch
                {
                    TaskLine.Override o => !gone(o) && Reaches(task, o),
                    _ => true,
                }
            )
            .Select(l =>
                l is TaskLine.Override o && !withNames
                    ? o with
                    {
                        For = o.For.Where(Holds).Select(Bare).Where(w => w.Names.Count > 0).ToEq(),
                    }
                    : l
            )
            .ToEq();

    private bool Holds(Who who) =>
        entries.Any(a =>
            who.Names.All(n =>
                resolver.Names.Of(n) switch
                {
                    Selector.OfDivision => Distance(n) >= 0,
                    { IsPlace: true } => true,
                    _ => resolver.Holds(new Who([n]), a, default),
                }
            )
        );

    private Who Bare(Who who) => new(who.Names.Where(n => resolver.Names.Of(n) is not Selector.OfDivision).ToEq());

    /// <summary>True when some value of some entry in some round comes from a line.</summary>
    private bool Reaches(Work.Task task, TaskLine.Override line) =>
        line.Choose
            ? line.For.Count == 0 || line.For.Any(Holds)
            : Iterations(task.Lines)
                .Any(at =>
                    entries.Any(a =>
                        resolver.Resolve(task, a, at) is var p
                        && (
                            IsAt(p.Amount?.From, line.At)
                            || IsAt(p.Movement.From, line.At)
                            || line.Details.Any(d =>
                                IsAt(p.Load?.From, d.At)
                                || IsAt(p.From?.From, d.At)
                                || IsAt(p.Bar?.From, d.At)
                                || IsAt(p.OfBest?.From, d.At)
                                || IsAt(p.Rising?.From, d.At)
                                || p.Heights.Any(h => IsAt(h.From, d.At))
                                || p.Counting.Any(c => ReferenceEquals(c, d))
                            )
                        )
                    )
                );

    private static bool IsAt(Origin? from, SourceRange at) => from?.At == at;

    /// <summary>How far up its chain of parents the division finds a name; −1 when it does not, or the name is no division’s.</summary>
    private int Distance(string name) =>
        resolver.Names.Of(name) is Selector.OfDivision { Division: var named } ? chain.IndexOf(named.Name) : -1;

    /// <summary>Compares what is prescribed, wherever it was written.</summary>
    private sealed class Values : IEqualityComparer<Prescription>
    {
        public static readonly Values Equal = new();

        public bool Equals(Prescription? x, Prescription? y) =>
            x is not null
            && y is not null
            && x.Movement.Value == y.Movement.Value
            && x.Amount?.Value == y.Amount?.Value
            && x.Load?.Value == y.Load?.Value
            && x.From?.Value == y.From?.Value
            && x.Bar?.Value == y.Bar?.Value
            && x.OfBest?.Value == y.OfBest?.Value
            && x.Rising?.Value == y.Rising?.Value
            && x.Heights.Select(h => h.Value).SequenceEqual(y.Heights.Select(h => h.Value))
            && x.Counting.ToHashSet().SetEquals(y.Counting);

        public int GetHashCode(Prescription p) => p.Movement.Value.GetHashCode(StringComparison.Ordinal);
    }
}
