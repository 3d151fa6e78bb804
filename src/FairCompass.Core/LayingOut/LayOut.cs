using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Languages;
using FairCompass.Core.Playing;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.LayingOut;

/// <summary>
/// The one list of what stands, hangs or lies in a lane: from every task, option, seat, hold, attempt, move between chunks and heaviest
/// lift, with the number that is used at once.
/// </summary>
public sealed class LayOut
{
    private readonly Competition competition;
    private readonly StandardsBook book;
    private readonly Tongue tongue;

    private LayOut(Competition competition, Tongue tongue)
    {
        (this.competition, this.tongue) = (competition, tongue);
        book = StandardsBook.Of(competition);
    }

    /// <summary>Something that a piece uses at once.</summary>
    private sealed record Use(Said Name, string Size, MovementKit Kit, string Piece, int Count, SourceRange At = default);

    /// <summary>The things of the lanes of some entries; equal things of several entries stand together.</summary>
    /// <param name="competition">The competition whose kit stands in the lanes.</param>
    /// <param name="courses">The workout as these entries do it.</param>
    /// <param name="tongue">The language of loads and heights.</param>
    public static Eq<LaneThing> Of(Competition competition, IEnumerable<Course> courses, Tongue tongue)
    {
        var list = new LayOut(competition, tongue);
        return courses
            .SelectMany(list.Lane)
            .GroupBy(t => (t.Name, t.Size, t.Count, t.Kit))
            .Select(g => new LaneThing(g.Key.Name, g.Key.Size, g.Key.Count, g.SelectMany(t => t.For).Distinct().ToEq())
            {
                Kit = g.Key.Kit,
                At = g.First().At,
            })
            .OrderBy(t => t.Kit)
            .ThenBy(t => t.Name.English, StringComparer.Ordinal)
            .ToEq();
    }

    /// <summary>What things without a mass of their own are called on the sheet, in the order of the alphabet: the words in which a kit
    /// says how many there are.</summary>
    /// <param name="movements">Whose things.</param>
    public static Eq<string> Names(IEnumerable<Movement> movements) =>
        movements
            .SelectMany(m => ThingsOf.Of(m.Name.English, m))
            .Where(t => !t.Loaded)
            .Select(t => t.Name.English)
            .Append("rack")
            .Distinct()
            .Order(StringComparer.Ordinal)
            .ToEq();

    /// <summary>The things of one lane: of two pieces at one time both, of two at different times the larger number.</summary>
    private IEnumerable<LaneThing> Lane(Course course)
    {
        foreach (var thing in course.Pieces.SelectMany(p => Uses(course, p)).GroupBy(u => (u.Name, u.Size, u.Kit)))
        {
            // Within a piece one task comes after the other; beside it other pieces may run at the same time.
            var byPiece = thing.GroupBy(u => u.Piece).ToDictionary(g => g.Key, g => g.Max(x => x.Count));
            var together = course.Clock.Spans.Select(s => s.Pieces.Sum(p => byPiece.GetValueOrDefault(p)));
            var most = Math.Max(together.DefaultIfEmpty(0).Max(), byPiece.Values.Max());
            yield return new(thing.Key.Name, thing.Key.Size, most, [course.Address]) { Kit = thing.Key.Kit, At = thing.First().At };
        }
    }

    private IEnumerable<Use> Uses(Course course, CoursePiece piece)
    {
        var members = course.MembersOf(piece.Piece);
        foreach (var task in piece.Tasks)
        {
            var sharing = Sharing.Of(piece, task, members.Count);
            var workers = sharing.Together || sharing.AtOnce ? sharing.Members : 1;
            if (task.Prescription.From?.Value == FromPlace.Rack)
            {
                yield return new(("rack", "soporte"), "", MovementKit.Barbell, piece.Piece.Key, workers, task.Source.At);
            }

            if (piece.Piece.IsHeaviest)
            {
                foreach (var use in Heaviest(task, piece, members))
                {
                    yield return use with
                    {
                        At = task.Source.At,
                    };
                }

                continue;
            }

            var uses =
                task.Options.Count > 0
                    ? task.Options.SelectMany(o => Things(o.Prescription, piece, workers))
                    : OfMembers([.. members.Select(m => (m, course.Prescribed(task, piece, m)))], piece, workers);
            foreach (var use in uses.Concat(Beside(task, piece)))
            {
                yield return use with
                {
                    At = task.Source.At,
                };
            }
        }
    }

    /// <summary>The things of all who share a task: each member’s own, and of what several use as many as work at once. Who take turns at
    /// one bar with loads of their own have it changed in between, as the plan of its plates does.</summary>
    private IEnumerable<Use> OfMembers(IReadOnlyList<(Address Who, Prescription Does)> each, CoursePiece piece, int workers) =>
        each.CountBy(m => (m.Does, Bar: workers == 1 ? BarOf(m.Who, m.Does) : null))
            .SelectMany(p => Things(p.Key.Does, piece, 1).Select(use => (Use: use, p.Key.Bar, Members: p.Value)))
            .Select(x => x.Use.Size.Length > 0 ? x : x with { Bar = null })
            .GroupBy(x => (x.Use.Name, x.Use.Kit, Size: x.Bar is null ? x.Use.Size : null, x.Bar))
            .Select(g =>
                g.First().Use with
                {
                    Size = string.Join(", ", g.Select(x => x.Use.Size).Distinct()),
                    Count = g.First().Use.Count * Math.Min(workers, g.Sum(x => x.Members)),
                }
            );

    private LaneBar? BarOf(Address who, Prescription does) =>
        book.Find(does.Movement.Value) is { Kit: MovementKit.Barbell } ? competition.Kit.Bar(who.Duty, does.Bar?.Value) : null;

    /// <summary>What a bar that a draft names is called on the sheet.</summary>
    /// <param name="bar">Its name in the kit.</param>
    public static Said Named(string bar) =>
        BarByMass.Of(bar) is null ? new($"bar “{bar}”", $"barra “{bar}”") : new($"bar of {bar}", $"barra de {bar}");

    private IEnumerable<Use> Things(Prescription p, CoursePiece piece, int workers)
    {
        var movement = book.Find(p.Movement.Value);
        var kit = movement?.Kit ?? MovementKit.None;
        var heights = p.Heights.Select(h => h.Value).ToList();
        foreach (var thing in ThingsOf.Of(p.Movement.Value, movement))
        {
            var load = thing.Loaded ? p.Load?.Value : null;
            var height = heights.Find(h => h.On == thing.Height);
            heights.Remove(height!);
            // A pair is two implements; of bars, bags and balls each is one.
            var each = kit is MovementKit.Dumbbell or MovementKit.Kettlebell ? Math.Max(1, load?.Implements ?? 1) : 1;
            if (load?.Left is { } left)
            {
                yield return new(thing.Name, (load with { Values = left, Left = null }).In(tongue), kit, piece.Piece.Key, workers);
                load = load with { Left = null };
            }

            var size = load is not null ? (load with { Implements = 1 }).In(tongue) : height?.Measure(tongue) ?? "";
            var name = thing is { IsBar: true, Loaded: true } && p.Bar is { } bar ? Named(bar.Value) : thing.Name;
            yield return new(name, size, kit, piece.Piece.Key, each * workers);
        }

        foreach (var height in heights)
        {
            yield return new(
                height.Name is { } own ? (own, Glossary.Usual(own, Tongue.Spanish)) : Measured(height.On),
                height.Measure(tongue),
                kit,
                piece.Piece.Key,
                1
            );
        }
    }

    /// <summary>The bars of those who lift, bare, with the loads that the plates of the lane make, and those plates.</summary>
    private IEnumerable<Use> Heaviest(CourseTask task, CoursePiece piece, IReadOnlyList<Address> members)
    {
        var movement = book.Find(task.Prescription.Movement.Value);
        if (movement is not { Kit: MovementKit.Barbell } || competition.Kit.Plates.Count == 0)
        {
            foreach (var use in Things(task.Prescription, piece, 1))
            {
                yield return use;
            }

            yield break;
        }

        var (kit, key) = (competition.Kit, piece.Piece.Key);
        string Said(decimal mass) => new Mass(mass, competition.Unit).ToString();
        var bars = members.Select(m => kit.Bar(m.Duty, task.Prescription.Bar?.Value)).Distinct().ToList();
        yield return new(("pair of clips", "par de cierres"), "", movement.Kit, key, bars.Count);
        foreach (var bar in bars)
        {
            var most = Said(BarLoads.All(bar, kit)[^1]);
            var size = tongue.Say($"{Said(bar.Mass)}, up to {most}", $"{Said(bar.Mass)}, hasta {most}");
            yield return new(
                task.Prescription.Bar is { } named ? Named(named.Value) : new Said("barbell", "barra"),
                size,
                movement.Kit,
                key,
                1
            );
        }

        foreach (var thing in ThingsOf.Of(task.Prescription.Movement.Value, movement).Where(t => !t.IsBar))
        {
            yield return new(thing.Name, "", movement.Kit, key, 1);
        }

        foreach (var plate in kit.Plates)
        {
            yield return new(
                ("loose plate", "disco suelto"),
                plate.Stamped is null ? new Mass(plate.Mass, competition.Unit).ToString() : plate.Name(competition.Unit),
                movement.Kit,
                key,
                plate.Count
            );
        }
    }

    /// <summary>Attempts, moves that are due between chunks, and what others hold while a task is done.</summary>
    private IEnumerable<Use> Beside(CourseTask task, CoursePiece piece)
    {
        var others = task
            .Source.Lines.SelectMany<TaskLine, (string Movement, int Workers, Detail.Load? Load)>(l =>
                l switch
                {
                    TaskLine.Attempt a => [(a.Movement, 1, null)],
                    TaskLine.Between b => [(b.Movement, 1, null)],
                    TaskLine.RuleOf { Rule: Rule.Hold h } => [(h.Position, h.Holders, h.Load)],
                    _ => [],
                }
            )
            .Concat(
                WorkTree
                    .Walk(piece.Piece.Items)
                    .OfType<Work.RuleLine>()
                    .Select(r => r.Rule)
                    .OfType<Rule.Hold>()
                    .Select(h => (h.Position, h.Holders, h.Load))
            );
        foreach (var (name, workers, load) in others)
        {
            var movement = book.Find(name);
            foreach (var thing in ThingsOf.Of(name, movement))
            {
                foreach (var size in thing.Loaded && load is not null ? Sizes(load) : [""])
                {
                    var each = size.Length > 0 ? load!.Implements ?? 1 : 1;
                    yield return new(thing.Name, size, movement?.Kit ?? MovementKit.None, piece.Piece.Key, workers * each);
                }
            }
        }
    }

    /// <summary>The implements of a load: any member may hold, so there is one for each duty.</summary>
    private IEnumerable<string> Sizes(Detail.Load load) =>
        Enumerable
            .Range(0, load.Of.Second is null && load.Left?.Second is null ? 1 : 2)
            .SelectMany(duty => new[] { load.Of.For(duty), load.Left?.For(duty) })
            .OfType<Series>()
            .Where(s => !s.HasUnset)
            .Select(s => new DutyLoad(1, s, load.Unit, null, null).In(tongue))
            .Distinct();

    /// <summary>A height that no thing of the movement has: it is a line of its own.</summary>
    private static Said Measured(HeightKind on) =>
        on switch
        {
            HeightKind.Line => ("line on wall or floor", "línea en pared o suelo"),
            HeightKind.Wall => ("wall to clear", "muro que se pasa"),
            HeightKind.Target => ("target", "blanco"),
            HeightKind.Box => ("box", "cajón"),
            _ => ("bar at a height", "barra a una altura"),
        };
}
