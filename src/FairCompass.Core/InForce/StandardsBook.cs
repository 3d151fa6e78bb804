using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using FairCompass.Core.Competitions;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Phrases;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.InForce;

/// <summary>
/// The standards of a competition: the library and the competition’s own movements, with policies, house rules, and
/// what a workout or one place in it says differently. The nearer word wins: place before workout, workout before
/// competition; within each, what names the division before what names none.
/// </summary>
public sealed class StandardsBook
{
    /// <summary>What a line writes to leave a clause out.</summary>
    public const string DoesNotApply = "does not apply";

    private static readonly ConditionalWeakTable<Competition, StandardsBook> Books = [];
    private readonly Competition competition;
    private readonly IReadOnlyList<Movement> mine;
    private readonly Dictionary<string, Movement> own;

    /// <summary>What was published: it stands, whatever the library has come to say since. Empty for a competition at work.</summary>
    private readonly Dictionary<(string Movement, string? Division), Movement> published = [];

    /// <summary>What the competition alone says, by movement and division: it is asked for at every keystroke.</summary>
    private readonly ConcurrentDictionary<(Movement Movement, string? Division), Movement> standing = new(StandingComparer.Instance);

    private StandardsBook(Competition competition)
    {
        this.competition = competition;
        mine = competition.OwnMovements.Select(PhraseBook.Restore).ToList();
        // Rules are kept with a published version, and are no work that a draft could name.
        own = mine.Where(m => MovementLibrary.Rules.All(r => r.Id != m.Id))
            .SelectMany(m => m.Synonyms.Append(m.Name.English).Select(n => (Name: MovementLibrary.Normal(n), m)))
            .DistinctBy(x => x.Name)
            .ToDictionary(x => x.Name, x => x.m, StringComparer.Ordinal);
    }

    /// <summary>The book of a competition; the same one for the same competition.</summary>
    public static StandardsBook Of(Competition competition) => Books.GetValue(competition, c => new(c));

    /// <summary>
    /// Makes the standards of a published version stand as they were: the book of this competition answers with them for every
    /// workout, and only the lines of the text come on top.
    /// </summary>
    /// <param name="competition">The published competition; no draft at work may share the instance.</param>
    /// <param name="standing">Each movement as <see cref="Standing(Movement, string?, Workout?)"/> gave it.</param>
    public static void Fix(Competition competition, IEnumerable<StandingStandard> standing)
    {
        var book = new StandardsBook(competition);
        foreach (var s in standing)
        {
            book.published[(s.Movement.Id, s.Division)] = PhraseBook.Restore(s.Movement);
        }

        Books.AddOrUpdate(competition, book);
    }

    /// <summary>The competition’s own movements, then the library.</summary>
    public IEnumerable<Movement> All => mine.Concat(MovementLibrary.All.Where(m => mine.All(o => o.Id != m.Id)));

    /// <summary>The movement of a name, a synonym, or either with a plural ending, as the book has it before any change; null when it has
    /// no standard.</summary>
    public Movement? Find(string name)
    {
        if (own.Count > 0)
        {
            var normal = MovementLibrary.Normal(name);
            if ((own.GetValueOrDefault(normal) ?? (normal.EndsWith('s') ? own.GetValueOrDefault(normal[..^1]) : null)) is { } found)
            {
                return found;
            }
        }

        return MovementLibrary.Find(name);
    }

    /// <summary>The movement with an id; null when there is none.</summary>
    public Movement? ById(string id) => mine.FirstOrDefault(m => m.Id == id) ?? MovementLibrary.ById(id);

    /// <summary>The rules that are judged beside the movements of a workout. A version that was published before there were any has
    /// none.</summary>
    /// <param name="workout">The workout.</param>
    public IEnumerable<Movement> Rules(Workout workout) =>
        RulesUsed
            .Of(workout)
            .Where(r => published.Count == 0 || published.ContainsKey((r.Id, null)))
            .Select(r => mine.FirstOrDefault(m => m.Id == r.Id) ?? r);

    /// <summary>A language in which movements are called as this book calls them.</summary>
    public Tongue Tongue(Language language)
    {
        var plain = Languages.Tongue.Of(language) with { Form = competition.Spanish };
        string Named(Said name) => plain.IsSpanish ? plain.Formed(name.Spanish ?? name.English) : name.English;
        return plain with
        {
            Movement = name => plain.IsSpanish && Find(name)?.Name is { } known ? Named(known) : name,
            Movements = name => Find(name) is { } known ? Named(known.Plural) : name,
            IsMachine = name => Find(name)?.Kit == MovementKit.Machine,
        };
    }

    /// <summary>The name nearest to one without a standard, or null.</summary>
    public string? Nearest(string name) => Words.Nearest(name, All.Select(m => m.Name.English));

    /// <summary>The school in force for a topic.</summary>
    /// <param name="topic">The topic.</param>
    /// <param name="division">For whom; null for everybody.</param>
    /// <param name="workout">In which workout; null for none.</param>
    /// <returns>The answer and where it comes from; null when nobody has said and the topic has no default.</returns>
    public (string Answer, Provenance From)? InForce(Topic topic, string? division, Workout? workout)
    {
        var chosen = workout?.Policies.OfType<Policy.Answered>().Where(p => Same(p.Topic, topic.Name)).ToList() ?? [];
        if (
            (
                chosen.LastOrDefault(p => division is not null && p.For.Any(w => Same(w.ToString(), division)))
                ?? chosen.LastOrDefault(p => p.For.Count == 0)
            ) is
            { } line
        )
        {
            return (line.Answer, new(Source.Workout, $"{topic.Name}: {line.Answer}, line {line.At.Line}"));
        }

        var standing = competition.Policies.Where(p => Same(p.Topic, topic.Name)).ToList();
        if (
            (
                standing.LastOrDefault(p => p.Division is not null && division is not null && Same(p.Division, division))
                ?? standing.LastOrDefault(p => p.Division is null)
            ) is
            { } choice
        )
        {
            return (choice.Answer, new(Source.Policy, $"{topic.Name}: {choice.Answer}"));
        }

        return topic.Default is { } usual ? (usual, Provenance.Library) : null;
    }

    /// <summary>A standard as it is in force.</summary>
    /// <param name="movement">From <see cref="Find"/>.</param>
    /// <param name="division">For whom; null for what holds for everybody.</param>
    /// <param name="workout">In which workout; null for the competition’s book.</param>
    /// <param name="place">At which task; null for what holds in the whole workout.</param>
    public Movement InForce(Movement movement, string? division = null, Workout? workout = null, Work.Task? place = null)
    {
        var m = Standing(movement, division, workout);
        foreach (
            var line in (workout?.Policies.OfType<Policy.ClauseOf>() ?? [])
                .Where(p =>
                    Find(p.Movement)?.Id == movement.Id
                    && (p.For.Count == 0 || (division is not null && p.For.Any(w => Same(w.ToString(), division))))
                )
                .OrderBy(p => p.For.Count > 0)
                .ThenBy(p => NoRepLine.Of(p.Clause) is not null)
        )
        {
            m = Said(
                m,
                line.Clause,
                line.Text,
                new(line.Note is null ? Source.Workout : Source.Ruling, line.Note ?? $"line {line.At.Line}")
            );
        }

        foreach (
            var (line, rule) in (place?.Lines ?? [])
                .OfType<TaskLine.RuleOf>()
                .Select(l => (Line: l, Rule: l.Rule as Rule.ClauseHere))
                .Where(x => x.Rule is not null)
                .OrderBy(x => NoRepLine.Of(x.Rule!.Clause) is not null)
        )
        {
            m = Said(m, rule!.Clause, rule.Text, new(Source.Place, line.Note ?? $"line {line.At.Line}"));
        }

        return m;
    }

    /// <summary>A standard with what one line of a draft says of a rule or of its no-rep.</summary>
    private static Movement Said(Movement m, string id, string text, Provenance from) =>
        !NoRepLine.IsNoRep(m, id) ? Apply(m, Change(m.Id, id, text), from)
        : Same(text, DoesNotApply) ? m with { Faults = m.Faults.Where(f => f.Breaks != NoRepLine.Of(id)).ToEq() }
        : Apply(m, NoRepLine.Change(m, id, text), from);

    /// <summary>A standard under the policies and house rules that hold, before any line that changes a clause.</summary>
    /// <param name="movement">From <see cref="Find"/>.</param>
    /// <param name="division">For whom; null for what holds for everybody.</param>
    /// <param name="workout">In which workout; null for the competition’s book.</param>
    public Movement Standing(Movement movement, string? division, Workout? workout) =>
        workout is not null && published.TryGetValue((movement.Id, division), out var was) ? was
        : workout is not null && (workout.Policies.OfType<Policy.Answered>().Any() || SaidInLines.Any(workout))
            ? Decided(movement, division, workout)
        : standing.GetOrAdd((movement, division), k => Decided(k.Movement, k.Division, null));

    private Movement Decided(Movement movement, string? division, Workout? workout)
    {
        var m = movement;
        var said = new List<(School School, Provenance From)>();
        foreach (var topic in Topics.All)
        {
            if (Chosen(topic, division, workout) is { } answer)
            {
                said.Add(answer);
                m = answer.School.Rewrites.Aggregate(m, (now, phrase) => Rewrite(now, phrase, answer.From));
            }
        }

        // What holds of a clause however it is worded comes last, so that no answer takes another’s back.
        foreach (var (school, from) in said)
        {
            m = school.Adjusts.Aggregate(m, (now, adjust) => Adjusted(now, adjust, from));
        }

        foreach (
            var change in competition
                .HouseRules.Where(h =>
                    h.Movement == movement.Id && (h.Division is null || (division is not null && Same(h.Division, division)))
                )
                .OrderBy(h => h.Division is not null)
        )
        {
            m = Apply(m, change, new(change.Origin is null ? Source.HouseRule : Source.Ruling, change.Origin));
        }

        return m;
    }

    /// <summary>The school that words clauses: as the lines of the workout say it, else as somebody chose it; null for the book’s own
    /// words.</summary>
    private (School School, Provenance From)? Chosen(Topic topic, string? division, Workout? workout)
    {
        if (workout is not null && SaidInLines.Of(topic.Name, workout) is { Speak: true } lines)
        {
            return lines.School is { } said && topic.Find(said) is { } school
                ? (school, new(Source.Workout, $"{topic.Name}: {said}"))
                : null;
        }

        return InForce(topic, division, workout) is { From.By: not Source.Library } answer && topic.Find(answer.Answer) is { } chosen
            ? (chosen, answer.From)
            : null;
    }

    private static ClauseChange Change(string movement, string clause, string text) =>
        Same(text, DoesNotApply) ? new(movement, clause) { DoesNotApply = true } : new(movement, clause) { Text = new Said(text) };

    private static bool Same(string a, string b) => string.Equals(a.Trim(), b.Trim(), StringComparison.OrdinalIgnoreCase);

    private static Movement Rewrite(Movement m, Phrase phrase, Provenance from)
    {
        if (m.Clauses.All(c => c.Id != phrase.Id))
        {
            return m;
        }

        var fault = phrase.ToFault();
        var faults = m
            .Faults.Where(f => fault is not null || f.Breaks != phrase.Id)
            .Select(f => f.Breaks == phrase.Id ? fault! with { From = from } : f)
            .ToList();
        if (fault is not null && faults.All(f => f.Breaks != phrase.Id))
        {
            faults.Add(fault with { From = from });
        }

        // What no pose of this movement shows stays undrawn under the same words.
        Clause Of(Clause was) =>
            phrase.ToClause() with
            {
                From = from,
                Holds = was.Holds is null && was.Text == phrase.Text ? null : phrase.Holds,
            };
        var clauses = m.Clauses.Select(c => c.Id == phrase.Id ? Of(c) : c).ToEq();
        // An answer that says what the book says anyway leaves it the book’s.
        return
            clauses.Select((c, i) => c with { From = m.Clauses[i].From }).SequenceEqual(m.Clauses)
            && faults.Count == m.Faults.Count
            && faults.Select((x, i) => x with { From = m.Faults[i].From }).SequenceEqual(m.Faults)
            ? m
            : m with
            {
                Clauses = clauses,
                Faults = faults.ToEq(),
            };
    }

    private static Movement Adjusted(Movement m, ClauseAdjust adjust, Provenance from) =>
        m with
        {
            Clauses = m
                .Clauses.Select(c => adjust.Clauses.Contains(c.Id) && adjust.Of(c) is var now && now != c ? now with { From = from } : c)
                .ToEq(),
            Faults = m
                .Faults.Select(f => adjust.Clauses.Contains(f.Breaks) && adjust.Of(f) is var now && now != f ? now with { From = from } : f)
                .ToEq(),
        };

    private static Movement Apply(Movement m, ClauseChange change, Provenance from)
    {
        if (change.DoesNotApply)
        {
            return m with
            {
                Clauses = m.Clauses.Where(c => c.Id != change.Clause).ToEq(),
                Faults = m.Faults.Where(f => f.Breaks != change.Clause).ToEq(),
            };
        }

        var old = m.Clauses.FirstOrDefault(c => c.Id == change.Clause);
        if (old is null && change.Text is null)
        {
            return m;
        }

        // Another wording may mean another limit, so what was decided on a pose no longer speaks for it; the same wording does.
        var clause =
            old is null
                ? new Clause(change.Clause, change.Phase ?? Phase.Through, change.Kind ?? ClauseKind.Required, change.Text!) { From = from }
            : change.Text is not { } text ? old
            : text.English == old.Text.English ? old with { Text = text, Kind = change.Kind ?? old.Kind, From = from }
            : old with { Text = text, Holds = null, Of = null, Kind = change.Kind ?? old.Kind, From = from };
        var broken = m.Faults.FirstOrDefault(f => f.Breaks == change.Clause);
        var fault = Apply(broken, change, from);
        return m with
        {
            Clauses = (
                old is null ? m.Clauses.Append(clause).OrderBy(c => c.Phase) : m.Clauses.Select(c => ReferenceEquals(c, old) ? clause : c)
            ).ToEq(),
            Faults = (
                broken is null
                    ? fault is null
                        ? m.Faults
                        : m.Faults.Append(fault)
                    : m.Faults.Select(f => ReferenceEquals(f, broken) ? fault! : f)
            ).ToEq(),
        };
    }

    /// <summary>The no-rep of a clause as a house rule has it; null when there is none.</summary>
    private static Fault? Apply(Fault? broken, ClauseChange change, Provenance from)
    {
        return broken is not null
            ? change.Sign is null && change.Then is null && change.Call is null && change.Athlete is null && change.By is null
                ? broken
                : broken with
                {
                    Sign = change.Sign ?? broken.Sign,
                    By = change.By ?? broken.By,
                    Call = change.Call ?? broken.Call,
                    Then = change.Then ?? broken.Then,
                    Athlete = change.Athlete ?? broken.Athlete,
                    From = from,
                }
            : change is { Sign: { } sign, Then: { } then }
                ? new Fault(
                    "no-" + change.Clause,
                    change.Clause,
                    sign,
                    change.By ?? Perceived.SeenFromTheSide,
                    change.Call ?? ("No rep", "No rep"),
                    then,
                    change.Athlete ?? ("Repeat the rep.", "Repetir la repetición.")
                )
                {
                    From = from,
                }
                : null;
    }

    /// <summary>Movements are told apart by reference: comparing eighty clauses costs more than what is remembered.</summary>
    private sealed class StandingComparer : IEqualityComparer<(Movement Movement, string? Division)>
    {
        public static readonly StandingComparer Instance = new();

        public bool Equals((Movement Movement, string? Division) x, (Movement Movement, string? Division) y) =>
            ReferenceEquals(x.Movement, y.Movement) && x.Division == y.Division;

        public int GetHashCode((Movement Movement, string? Division) key) =>
            HashCode.Combine(RuntimeHelpers.GetHashCode(key.Movement), key.Division);
    }
}
