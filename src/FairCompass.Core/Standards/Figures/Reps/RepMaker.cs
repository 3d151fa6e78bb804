using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>
/// Makes reps of one movement whose margin to a clause is a number. Positions and what decides them are those of the standard; what lies
/// between two positions is the shortest way of every joint, and nothing is judged there.
/// </summary>
public sealed class RepMaker
{
    private static readonly double[] Shares = [1, 0.5, 0.2, 0];

    private static readonly Body[] Bodies = [new(1540), new(Body.Usual), new(1960)];

    // Bodies between those that are tried, and their own ways, reach a little less far.
    private const double Reach = 0.9;
    private static readonly Phase[] Drawn = [Phase.Start, Phase.Through, Phase.Finish];

    private readonly Movement movement;
    private readonly ILookup<Phase, Clause> decided;

    private RepMaker(Movement movement)
    {
        this.movement = movement;
        decided = movement.Clauses.Where(c => c.Holds is not null && Drawn.Contains(c.Phase)).ToLookup(c => c.Phase);
        // A movement whose good positions break a rule of its own, as changed limits may have it, shows no rep whose truth is one clause.
        Trainable = Bodies.All(KeepsAll) ? [.. movement.Clauses.Select(Range).OfType<Trainable>()] : [];
    }

    /// <summary>The clauses that can be trained, in the order of the standard.</summary>
    public Eq<Trainable> Trainable { get; }

    /// <summary>The maker of a movement’s reps; null where it has no figures.</summary>
    /// <param name="movement">The standard as it is in force.</param>
    public static RepMaker? Of(Movement movement) => MotionLibrary.Find(movement.Motion) is null ? null : new(movement);

    /// <summary>Makes a rep.</summary>
    /// <param name="asked">At most one clause of each phase, each of <see cref="Trainable"/>; nothing for a rep that keeps every
    /// clause.</param>
    /// <param name="seed">Who does it and how; the same seed makes the same rep.</param>
    /// <exception cref="ArgumentException">A clause cannot be trained, or two are of one phase.</exception>
    public Rep Make(Eq<Asked> asked, ulong seed)
    {
        var clauses = asked.Select(a => Trainable.FirstOrDefault(t => t.Clause.Id == a.Clause)).ToList();
        if (clauses.Contains(null) || clauses.Select(c => c!.Clause.Phase).Distinct().Count() < clauses.Count)
        {
            throw new ArgumentException("A rep shows clauses that can be trained, one of each phase.", nameof(asked));
        }

        var athlete = Variety.Of(new Pcg32(seed, 7));
        var body = new Body(athlete.Stature);
        // What is judged from the front is how wide hands and feet are: there they are as asked for.
        var width = clauses.Any(c => c!.Clause.Holds is Predicate.Within) ? athlete with { Stance = 0, Grip = 0 } : athlete;
        // Where the ways of an athlete alone would break a clause, they are made less until they do not.
        foreach (var share in Shares)
        {
            if (Positions(body, width.Less(share), asked, strict: share > 0) is { } positions)
            {
                return Filmed(body, athlete, positions, [.. clauses.Select((c, i) => (c!, asked[i].Margin))], View(clauses));
            }
        }

        throw new InvalidOperationException($"No rep of {movement.Id} with {string.Join(", ", asked)} and seed {seed}.");
    }

    private View View(List<Trainable?> clauses) =>
        clauses.FirstOrDefault()?.From ?? (Trainable.Count > 0 ? Trainable[0].From : Figures.View.Side);

    /// <summary>The three positions of a rep with the margins asked for; null where something else would be broken.</summary>
    private Dictionary<Phase, Scene>? Positions(Body body, Variety athlete, Eq<Asked> asked, bool strict)
    {
        var motion = Motion.Of(movement, body)!;
        var scenes = new Dictionary<Phase, Scene>();
        foreach (var phase in Drawn)
        {
            if (Scene.Place(body, motion.At(phase)!, motion.Around, out _) is not { } placed)
            {
                return null;
            }

            var good = athlete.On(Blend.On(placed, placed.Pose.Anchor));
            var scene = Scene.Place(body, good, motion.Around, out _)!;
            if (strict && decided[phase].Any(c => Plate.MarginOf(c.Holds!, scene) is < 0))
            {
                return null;
            }

            if (
                asked.FirstOrDefault(a => decided[phase].Any(c => c.Id == a.Clause)) is { } ask
                && decided[phase].First(c => c.Id == ask.Clause) is var clause
            )
            {
                if (Way(motion, clause, body, good, athlete) is not { } way)
                {
                    return null;
                }

                if (strict && (ask.Margin > way.Inside + 0.01 || ask.Margin < way.Outside - 0.01))
                {
                    return null;
                }

                scene = Scene.Place(body, way.At(ask.Margin), motion.Around, out _)!;
            }

            scenes[phase] = scene;
        }

        // A position that stands for two phases is one: a rope that is not cleared was not cleared before either.
        if (motion.Through == motion.Finish && asked.FirstOrDefault(a => decided[Phase.Finish].Any(c => c.Id == a.Clause)) is not null)
        {
            scenes[Phase.Through] = scenes[Phase.Finish];
        }

        return scenes;
    }

    private Deviation? Way(Motion motion, Clause clause, Body body, Pose good, Variety athlete)
    {
        Eq<Clause> there = [.. decided[clause.Phase]];
        return Faulty.Of(motion, clause, there, body, good) is { } fault
            ? Deviation.Of(there, clause, body, motion.Around, good, athlete.On(fault) with { Neck = good.Neck })
            : null;
    }

    private Rep Filmed(Body body, Variety athlete, Dictionary<Phase, Scene> positions, List<(Trainable Of, double Margin)> asked, View from)
    {
        var lag = asked.FirstOrDefault(a => a.Of.Unit == DeviationUnit.Milliseconds);
        var late = lag.Of is null ? 0 : Timing.Together - lag.Margin;
        var way = Timeline.Of(positions[Phase.Start], positions[Phase.Through], positions[Phase.Finish], athlete.Tempo);
        (Phase To, double By)? later = lag.Of is null ? null : (lag.Of.Clause.Phase, late);
        var scenes = Shooting.Of(body, positions[Phase.Start].Around, way, later);
        int At(Phase phase) => way.Last(k => k.Phase == phase).At * 1000 / Reps.Film.Rate;
        var truths = asked
            .Select(a =>
            {
                var at = At(a.Of.Clause.Phase);
                if (a.Of.Unit == DeviationUnit.Milliseconds)
                {
                    return new RepTruth(
                        a.Of.Clause.Id,
                        late <= Timing.Together,
                        Math.Round((decimal)(Timing.Together - late), 1),
                        a.Of.Unit,
                        at,
                        null
                    );
                }

                var scene = positions[a.Of.Clause.Phase];
                var decides = Decisive(a.Of.Clause.Holds!, a.Of.Unit);
                return new RepTruth(
                    a.Of.Clause.Id,
                    a.Of.Clause.Holds!.Holds(scene),
                    Math.Round((decimal)decides.Margin(scene), 1),
                    a.Of.Unit,
                    at,
                    Draughtsman.Draw(scene, Draughtsman.ViewOf(decides), decides)
                );
            })
            .ToEq();
        var broken = Drawn
            .SelectMany(p => decided[p].Where(c => Plate.MarginOf(c.Holds!, positions[p]) is < 0).Select(c => c.Id))
            .Concat(truths.Where(t => t.Unit == DeviationUnit.Milliseconds && !t.Holds).Select(t => t.Clause))
            .Distinct()
            .ToEq();
        // What is heard is heard in every rep, whatever is asked of it; where it stays silent, that is the fault.
        var heard = Drawn.Where(p => decided[p].Any(c => IsHeard(c) && c.Holds!.Holds(positions[p]))).Select(At).ToEq();
        return new(athlete, scenes, heard, [.. way.Select(k => k.At + (k.Rests / 2))], from, truths, broken, At(Phase.Finish));
    }

    /// <summary>What is judged of a clause in one unit: of several rules those in that unit.</summary>
    private static Predicate Decisive(Predicate rule, DeviationUnit unit) =>
        rule is Predicate.Both both && both.All.Where(p => p.InDegrees == (unit == DeviationUnit.Degrees)).ToEq() is { Count: > 0 } alike
            ? new Predicate.Both(alike)
            : rule;

    private bool IsHeard(Clause clause) => movement.Faults.Any(f => f.Breaks == clause.Id && f.By == Perceived.Heard);

    private Trainable? Range(Clause clause)
    {
        var fault = movement.Faults.FirstOrDefault(f => f.Breaks == clause.Id);
        var from = Posts.ViewOf(movement.Judge, fault, clause);
        if (Timing.IsOf(clause) && clause.Holds is null)
        {
            return new(clause, DeviationUnit.Milliseconds, Timing.Together, -300, from);
        }

        // What is read from a monitor is not seen on a body.
        if (!decided[clause.Phase].Contains(clause) || fault is { By: Perceived.Read })
        {
            return null;
        }

        // What a short, a middling and a tall body can show, all can.
        var ways = Bodies.Select(b => OfBody(clause, b)).ToList();
        if (ways.Contains(null))
        {
            return null;
        }

        var unit = ways[0]!.Decides.InDegrees ? DeviationUnit.Degrees : DeviationUnit.Millimetres;
        var most = Reps.Trainable.Most(unit);
        return new(
            clause,
            unit,
            Math.Min(most, Math.Floor(Reach * ways.Min(w => w!.Inside))),
            Math.Max(-most, Math.Ceiling(Reach * ways.Max(w => w!.Outside))),
            from
        );
    }

    /// <summary>True where the good positions of a body keep every clause that they decide.</summary>
    private bool KeepsAll(Body body) =>
        Motion.Of(movement, body) is { } motion
        && Drawn.All(p =>
            Scene.Place(body, motion.At(p)!, motion.Around, out _) is { } scene
            && decided[p].All(c => Plate.MarginOf(c.Holds!, scene) is null or >= 0)
        );

    private Deviation? OfBody(Clause clause, Body body) =>
        Motion.Of(movement, body) is { } motion && Scene.Place(body, motion.At(clause.Phase)!, motion.Around, out _) is { } placed
            ? Way(motion, clause, body, Blend.On(placed, placed.Pose.Anchor), Variety.None)
            : null;
}
