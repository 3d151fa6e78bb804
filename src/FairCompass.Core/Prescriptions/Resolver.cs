using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using FairCompass.Core.Binding;
using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Prescriptions;

/// <summary>
/// Resolves the values of a task for an address. The nearest division of the address's own chain of parents wins; among
/// lines of the same division the one that narrows more (duty, place in the team, group, level, round) wins; the task itself
/// comes last. Another movement cuts what would be inherited from farther away, load, heights and counting: a sit-up must
/// not inherit a bar.
/// </summary>
public sealed partial class Resolver
{
    private readonly Competition competition;

    /// <summary>The competition whose entries it knows.</summary>
    internal Competition Competition => competition;
    private readonly Workout workout;

    /// <summary>The workout it resolves.</summary>
    internal Workout Workout => workout;
    private readonly ConcurrentDictionary<string, IReadOnlyList<Division>> chains = new(StringComparer.Ordinal);

    // What was worked out of a draft is kept and read by several requests at once. Only the addresses of the draft itself are: a check
    // asks for others, makes them anew each time, and would fill the memory of whoever keeps a draft.
    private readonly ConditionalWeakTable<Work.Task, ConcurrentDictionary<Address, Prescription>> known = [];
    private readonly HashSet<Address> ours;

    /// <summary>Prepares a workout of a competition.</summary>
    /// <param name="competition">Names the divisions and their parents.</param>
    /// <param name="workout">Declares the order of duties, groups, and levels.</param>
    /// <param name="forNobody">True leaves out every column and entry: for a draft that is too large to be worked out.</param>
    public Resolver(Competition competition, Workout workout, bool forNobody = false)
    {
        this.competition = competition;
        this.workout = workout;
        Names = new NameBinder(competition, workout);
        var divisions = forNobody ? [] : DivisionsOf(competition, workout).SelectMany(d => LineUps.Of(d, workout)).ToList();
        var seats = NamesSeats(workout);
        Eq<string?> levels = Levels.Count == 0 ? [null] : Levels.Select(l => (string?)l).ToEq();
        Addresses = (
            from d in divisions
            from member in d.IsTeam && seats
                ? Enumerable.Range(1, d.Size).Select(s => Member(d, s))
                : d.EachDuty.Select(duty => new Address(d, duty))
            from level in levels
            select level is null ? member : member with { Level = level }
        ).ToList();
        Columns = Addresses.DistinctBy(a => (a.Division.Name, a.Duty, a.Seat, a.Level)).ToList();
        // An individual's entry is its column, so that what is resolved for one is known for the other.
        Entries = divisions
            .SelectMany(d =>
                d.IsTeam ? levels.Select(l => new Address(d, null, Level: l)) : Addresses.Where(a => ReferenceEquals(a.Division, d))
            )
            .ToList();
        ours = new(Addresses.Concat(Entries), ReferenceEqualityComparer.Instance);
    }

    /// <summary>What the names of the workout mean.</summary>
    public NameBinder Names { get; }

    /// <summary>The levels of the workout, each with a board of its own; empty when there are none.</summary>
    public Eq<string> Levels => Names.Levels;

    /// <summary>Whose values are prescribed, in the order of the competition's divisions: duties, or places in the team where a line names
    /// one; of each line-up where entries of a division differ.</summary>
    public IReadOnlyList<Address> Addresses { get; }

    /// <summary>The columns of the prescription table: those of <see cref="Addresses"/> that can differ. A value is a duty’s or a place’s,
    /// never a line-up’s.</summary>
    public IReadOnlyList<Address> Columns { get; }

    /// <summary>Who runs as one entry: each duty of an individual division, a team as a whole; for each level.</summary>
    public IReadOnlyList<Address> Entries { get; }

    /// <summary>0 or 1: which value of <c>a/b</c> belongs to a duty.</summary>
    public int Position(Address address)
    {
        var order = workout.Order switch
        {
            DutyOrder.ManWoman => 0,
            DutyOrder.WomanMan => 1,
            _ => address.Division.Duties.Count == 2 && Duties.Find(address.Division.Duties[0]) == Duty.Woman ? 1 : 0,
        };
        return address.Duty == Duty.Man ? order : 1 - order;
    }

    /// <summary>The members of an entry who do a piece: one place, a group, or everybody.</summary>
    public IReadOnlyList<Address> Members(Address entry, int? seat, string? group)
    {
        if (!entry.Division.IsTeam)
        {
            return [group is null ? entry : entry with { Group = group }];
        }

        var seats =
            seat is { } s ? [s]
            : group is not null && Names.SeatsOf(group) is { } named ? named.Where(n => n >= 1 && n <= entry.Division.Size)
            : Enumerable.Range(1, entry.Division.Size);
        return seats.Select(n => Member(entry.Division, n) with { Group = group, Level = entry.Level }).ToList();
    }

    /// <summary>What a task is for an address.</summary>
    /// <param name="task">The task.</param>
    /// <param name="address">For whom.</param>
    /// <param name="at">In which cycle and round; the default is what holds in general.</param>
    /// <param name="around">The complex the task is a lift of, whose bar it uses; null elsewhere.</param>
    public Prescription Resolve(Work.Task task, Address address, Iteration at = default, Work.Complex? around = null)
    {
        if (at != default)
        {
            return Merge(Candidates(task, address, at, around), address);
        }

        // What holds in general is asked for again and again: by the course, the table, the checks.
        if (!ours.Contains(address))
        {
            return Merge(Candidates(task, address, at, around), address);
        }

        var here = known.GetValue(task, static _ => new(ReferenceEqualityComparer.Instance));
        if (here.TryGetValue(address, out var seen))
        {
            return seen;
        }

        var resolved = Merge(Candidates(task, address, at, around), address);
        here[address] = resolved;
        return resolved;
    }

    /// <summary>What a task is when an option of it is chosen.</summary>
    public Prescription Resolve(Work.Task task, TaskLine.Override option, Address address, Iteration at = default)
    {
        var list = Candidates(task, address, at, null);
        list.Insert(0, new(option.Amount, option.Movement, option.Details, new Origin(null, false, option.At)));
        return Merge(list, address);
    }

    /// <summary>The options of a task for an address, without the task itself; empty when there is no choice.</summary>
    public IEnumerable<TaskLine.Override> Options(Work.Task task, Address address, Iteration at = default) =>
        task
            .Lines.OfType<TaskLine.Override>()
            .Where(o => o.Choose && (o.For.Count == 0 || o.For.Any(w => Match(w, address, at) is not null)));

    /// <summary>The rounds for which some line of a task says something else, from 1.</summary>
    public IEnumerable<int> RoundsNamed(Work.Task task) =>
        task
            .Lines.OfType<TaskLine.Override>()
            .SelectMany(o => o.For)
            .SelectMany(Names.Of)
            .OfType<Selector.AtRound>()
            .Select(r => r.Round)
            .Distinct();

    /// <summary>True when a name that narrows a line holds for an address.</summary>
    public bool Holds(Who who, Address address, Iteration at) => Match(who, address, at) is not null;

    /// <summary>The value that is nearest to an address; the default where none holds for it.</summary>
    /// <param name="said">For whom each is.</param>
    /// <param name="address">The address.</param>
    public T? Nearest<T>(IEnumerable<(Eq<Who> For, T Value)> said, Address address) =>
        said.Select(s => (s.Value, Rank: s.For.Select(w => Match(w, address, default)?.Rank).Min()))
            .Where(s => s.Rank is not null)
            .OrderBy(s => s.Rank)
            .Select(s => s.Value)
            .FirstOrDefault();

    /// <summary>Lines of one task that say again what an earlier one of the same rank says for an address, with that one and the field's
    /// name.</summary>
    public IEnumerable<(TaskLine.Override First, TaskLine.Override Second, string Field)> Contradictions(Work.Task task, Address address)
    {
        var said = new Dictionary<(int Rank, string Field), TaskLine.Override>();
        foreach (var (rank, line, _) in Ranked(task.Lines, address, default))
        {
            var again = Fields(line).FirstOrDefault(f => said.ContainsKey((rank, f)));
            if (again is not null)
            {
                yield return (said[(rank, again)], line, again);
            }

            foreach (var field in Fields(line))
            {
                said.TryAdd((rank, field), line);
            }
        }
    }

    private static IEnumerable<string> Fields(TaskLine.Override line)
    {
        if (line.Amount is not null)
        {
            yield return "amount";
        }

        if (line.Movement is not null)
        {
            yield return "movement";
        }

        if (line.Details.Any(d => d is Detail.Load or Detail.OwnBest))
        {
            yield return "load";
        }

        if (line.Details.Any(d => d is Detail.Height or Detail.Rising))
        {
            yield return "height";
        }

        if (line.Details.Any(d => d is Detail.LiftAttempts or Detail.Misses))
        {
            yield return "number of tries";
        }
    }

    private static Address Member(Division division, int seat) => new(division, division.DutyOf(seat), seat);

    private static List<Division> DivisionsOf(Competition competition, Workout workout)
    {
        var named = workout.Divisions.ToList();
        return competition
            .Divisions.Where(d => named.Count == 0 || named.Any(n => string.Equals(n, d.Name, StringComparison.OrdinalIgnoreCase)))
            .ToList();
    }

    private bool NamesSeats(Workout of) =>
        WorkTree
            .All(of)
            .SelectMany(w =>
                w switch
                {
                    Work.Task t => t.Lines,
                    Work.Complex c => c.Lines,
                    _ => [],
                }
            )
            .OfType<TaskLine.Override>()
            .SelectMany(o => o.For)
            .SelectMany(Names.Of)
            .Any(n => n is Selector.OfSeat or Selector.OfGroup);

    private IEnumerable<(int Rank, TaskLine.Override Line, string? Division)> Ranked(Eq<TaskLine> lines, Address address, Iteration at)
    {
        foreach (var line in lines.OfType<TaskLine.Override>().Where(o => !o.Choose))
        {
            (int Rank, string? Division)? best = null;
            foreach (var who in line.For)
            {
                if (Match(who, address, at) is { } match && (best is null || match.Rank < best.Value.Rank))
                {
                    best = match;
                }
            }

            if (best is { } found)
            {
                yield return (found.Rank, line, found.Division);
            }
        }
    }

    /// <summary>How near a name is to an address: the distance in the chain first, then how much more it narrows; null when it does not
    /// hold.</summary>
    private (int Rank, string? Division)? Match(Who who, Address address, Iteration at)
    {
        const int Narrows = 8;
        var chain = ChainOf(address.Division);
        var distance = chain.Count;
        string? division = null;
        var narrowed = 0;
        foreach (var name in Names.Of(who))
        {
            if (name is Selector.OfDivision { Division: var named })
            {
                var place = IndexOf(chain, named);
                if (place < 0)
                {
                    return null;
                }

                (distance, division) = (Math.Min(distance, place), named.Name);
                continue;
            }

            var holds = name switch
            {
                Selector.OfDuty d => d.Duty == address.Duty,
                Selector.OfSeat s => s.Seat == address.Seat,
                Selector.AtRound r => r.Round == at.Round,
                Selector.AtCycle c => c.Cycle == at.Cycle,
                Selector.OfGroup g => address.Group == g.Name
                    || (address.Group is null && address.Seat is { } seat && g.Seats.Contains(seat)),
                Selector.OfLevel l => address.Level == l.Name,
                _ => false,
            };
            if (!holds)
            {
                return null;
            }

            narrowed++;
        }

        return ((distance * Narrows) + Math.Max(0, Narrows - 1 - narrowed), division);
    }

    private IReadOnlyList<Division> ChainOf(Division division) =>
        chains.GetOrAdd(division.Name, static (_, of) => of.Competition.Chain(of.Division), (Competition: competition, Division: division));

    private static int IndexOf(IReadOnlyList<Division> chain, Division division)
    {
        for (var i = 0; i < chain.Count; i++)
        {
            // A line-up is still its division.
            if (ReferenceEquals(chain[i], division) || chain[i].Name == division.Name)
            {
                return i;
            }
        }

        return -1;
    }
}
