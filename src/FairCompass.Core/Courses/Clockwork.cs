using System.Globalization;
using System.Text.Json.Serialization;
using FairCompass.Core.Competitions;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>Somebody at a place during a span of the clock.</summary>
/// <param name="Who">A member, a group, or null for the whole entry.</param>
/// <param name="Where">The piece's key; null for who rests.</param>
/// <param name="Said">What they do, in every language: a station's name, <c>rests</c>, <c>changes the load to 70/47.5 kg</c>.</param>
public sealed record Presence(string? Who, string? Where, [property: JsonIgnore] Said Said)
{
    /// <summary>Works at the one piece there is.</summary>
    internal static Said Works { get; } = ("works", "trabaja");

    /// <summary>Rests.</summary>
    internal static Said Rests { get; } = ("rests", "descansa");

    /// <summary>What they do, in English.</summary>
    [System.Text.Json.Serialization.JsonIgnore(Condition = System.Text.Json.Serialization.JsonIgnoreCondition.Never)]
    public string Does => Said.English;
}

/// <summary>
/// The hall clock of a workout for one division, walked once: every span of time, and every piece of work that stands in
/// it with who does it. Rotas, relays, waves and cycles are written out here; loops of work are not.
/// </summary>
public sealed partial class Clockwork
{
    /// <summary>More pieces than any event has; beyond it the rest is left out and a finding says so.</summary>
    public const int LargestCount = 400;

    /// <summary>Spans, turns and cycles that are walked: rests and empty cycles have no pieces, and could go on for ever.</summary>
    public const int MostSteps = 2_000;

    private readonly List<PieceOfWork> pieces = [];
    private readonly List<ClockSpan> spans = [];
    private readonly Workout workout;
    private readonly JudgePosts posts;
    private readonly int members;
    private readonly IReadOnlyList<Group> groups;
    private int steps;
    private Duration? now = Duration.Zero;
    private int? cycle;
    private string? cycles;

    private Clockwork(Workout workout, Division? division)
    {
        this.workout = workout;
        posts = JudgePosts.Of(workout);
        members = division?.Size ?? 1;
        groups = workout.Headers.OfType<Header.Groups>().SelectMany(g => g.Items).ToList();
    }

    /// <summary>The pieces in the order of the clock.</summary>
    public IReadOnlyList<PieceOfWork> Pieces => pieces;

    /// <summary>The spans in order; without gaps while every time is known.</summary>
    public IReadOnlyList<ClockSpan> Spans => spans;

    /// <summary>What is counted down before 0:00; null for nothing.</summary>
    public Duration? LeadIn => workout.Headers.OfType<Header.LeadIn>().FirstOrDefault()?.Time;

    /// <summary>True when a time is unset, so that what follows has no place on the clock.</summary>
    public bool HasUnset { get; private set; }

    /// <summary>True when there are more pieces than are written out.</summary>
    public bool TooMany { get; private set; }

    /// <summary>Walks the stages of a workout.</summary>
    /// <param name="workout">The workout.</param>
    /// <param name="division">Says how many are in the team; null for one.</param>
    public static Clockwork Of(Workout workout, Division? division)
    {
        var walk = new Clockwork(workout, division);
        foreach (var stage in workout.Stages)
        {
            walk.Walk(stage);
        }

        return walk;
    }

    /// <summary>The hall clock of each entry; entries of as many members share one where no time is another for some.</summary>
    public static IReadOnlyDictionary<Prescriptions.Address, Clockwork> OfEach(Workout workout, Prescriptions.Resolver resolver)
    {
        if (Prescriptions.OwnTimes.Differ(workout))
        {
            return resolver.Entries.ToDictionary(e => e, e => Of(Prescriptions.OwnTimes.Of(workout, resolver, e), e.Division));
        }

        var clocks = resolver.Entries.Select(e => e.Division).DistinctBy(d => d.Size).ToDictionary(d => d.Size, d => Of(workout, d));
        return resolver.Entries.ToDictionary(e => e, e => clocks[e.Division.Size]);
    }

    private void Walk(Stage stage)
    {
        if (Full())
        {
            return;
        }

        switch (stage)
        {
            case Stage.Window w:
                Window(w);
                break;
            case Stage.Clock c:
                Span(
                    SpanKind.Work,
                    c.Label,
                    c.Time,
                    c.Pieces.Select(p => (Add(p.Label, p.Goal, c.Time, p.Items, p.At, p.InTimeLeft), default(string), (string?)p.Label))
                );
                break;
            case Stage.Gap g:
                Span(g.IsRest ? SpanKind.Rest : SpanKind.Change, g.Label, g.Time, []);
                break;
            case Stage.Cycles c:
                Cycles(c);
                break;
            case Stage.Relay r:
                Relay(r);
                break;
            case Stage.Rota r:
                Rota(r);
                break;
            case Stage.Waves w:
                Waves(w);
                break;
            case Stage.SwapStations s:
                Swaps(s);
                break;
        }
    }

    private void Window(Stage.Window w)
    {
        var halves = w.Items.OfType<Work.GroupOf>().ToList();
        if (halves.Count == 0)
        {
            Span(SpanKind.Work, w.Label, w.Time + GatePasses.Time(w.Items), [(Add(w.Label, w.Goal, w.Time, w.Items, w.At), null, w.Label)]);
            return;
        }

        // Halves of a team work and finish apart; a rule that stands beside them holds for both.
        var shared = w.Items.Where(i => i is not Work.GroupOf).ToList();
        Span(
            SpanKind.Work,
            w.Label,
            w.Time + halves.Max(h => GatePasses.Time(shared.Concat(h.Items).ToEq())),
            halves
                .SelectMany(h => h.Names.Select(name => (h, name)))
                .Select(x =>
                    (
                        Add(
                            w.Label is null ? x.name : $"{w.Label} {x.name}",
                            w.Goal,
                            w.Time,
                            shared.Concat(x.h.Items).ToEq(),
                            x.h.At,
                            group: x.name
                        ),
                        (string?)x.name,
                        w.Label
                    )
                )
        );
    }

    private void Cycles(Stage.Cycles c)
    {
        var outer = (cycle, cycles);
        cycles = c.Label ?? cycles;
        for (var n = 1; n <= c.Times && !Full(); n++)
        {
            cycle = n;
            foreach (var inner in c.Stages)
            {
                Walk(inner);
            }

            if (n < c.Times && c.Between is { } gap)
            {
                Walk(gap);
            }
        }

        (cycle, cycles) = outer;
    }

    private void Relay(Stage.Relay r)
    {
        var turns = r.EachSame ? Math.Max(members, 1) : r.Times.Count;
        PieceOfWork? before = null;
        for (var k = 0; k < turns && !Full(); k++)
        {
            var time = r.Times.Count == 0 ? null : r.Times[Math.Min(k, r.Times.Count - 1)];
            var seat = members > 1 ? (k % members) + 1 : (int?)null;
            var rests = Enumerable
                .Range(1, members)
                .Where(m => members > 1 && m != seat)
                .Select(m => new Presence(Words.Ordinal(m), null, Presence.Rests));
            var piece = Add(r.Label, r.Goal, time, r.Items, r.At, seat: seat, turn: seat is null ? k + 1 : null);
            if (r.Continues)
            {
                var earlier = before is null ? Duration.Zero : before.Earlier + (before.Window ?? Duration.Zero);
                pieces[^1] = piece = piece with { OfChain = true, GoesOnFrom = before?.Key, Earlier = earlier };
            }

            before = piece;
            Span(SpanKind.Work, r.Label, time, [(piece, seat is { } s ? Words.Ordinal(s) : null, r.Label)], rests);
            if (k < turns - 1 && r.Between is { } gap)
            {
                Walk(gap);
            }
        }
    }

    /// <summary>Member m stands at station m first and moves on by one with each turn; with more members than stations some rest.</summary>
    private void Rota(Stage.Rota r)
    {
        var wheel = Math.Max(r.Stations.Count, members);
        var turns = Math.Min(r.Turns ?? wheel, LargestCount);
        for (var t = 0; t < turns && r.Stations.Count > 0 && !Full(); t++)
        {
            var at = new List<(PieceOfWork, string?, string?)>();
            var rests = new List<Presence>();
            for (var m = 1; m <= members; m++)
            {
                var station = (m - 1 + t) % wheel;
                if (station < r.Stations.Count)
                {
                    var s = r.Stations[station];
                    var seat = members > 1 ? m : (int?)null;
                    at.Add(
                        (
                            Add(null, r.Goal, r.Each, s.Items, s.At, seat: seat, station: s.Name, turn: t + 1),
                            seat is null ? null : Words.Ordinal(m),
                            s.Name
                        )
                    );
                }
                else
                {
                    rests.Add(new(Words.Ordinal(m), null, Presence.Rests));
                }
            }

            Span(
                SpanKind.Work,
                r.Label,
                r.Each,
                at.OrderBy(a => r.Stations.ToList().FindIndex(s => s.Name == a.Item1.Station)),
                rests,
                r.Silent && t > 0
            );
            if (t < turns - 1 && r.Change is { } change)
            {
                Span(SpanKind.Change, null, change, []);
            }
        }
    }

    /// <summary>Group g enters in window g and moves on by one station with each window.</summary>
    private void Waves(Stage.Waves w)
    {
        var names = w.By.Count > 0 ? w.By.Select(n => n.ToString()).ToList() : groups.Select(g => g.Name).ToList();
        var windows = w.Stations.Count == 0 ? 0 : Math.Max(names.Count, 1) + w.Stations.Count - 1;
        for (var v = 0; v < windows && !Full(); v++)
        {
            var at = new List<(PieceOfWork, string?, string?)>();
            var rests = new List<Presence>();
            for (var g = 0; g < Math.Max(names.Count, 1); g++)
            {
                var name = names.Count == 0 ? null : names[g];
                var station = v - g;
                if (station >= 0 && station < w.Stations.Count)
                {
                    var s = w.Stations[station];
                    at.Add((Add(null, w.Goal, w.Each, s.Items, s.At, group: name, station: s.Name, turn: v + 1), name, s.Name));
                }
                else
                {
                    rests.Add(new(name, null, Presence.Rests));
                }
            }

            Span(SpanKind.Work, w.Label, w.Each, at, rests);
            Rigged(w, rig => rig.Window == v + 1 && !rig.InChange);
            if (v < windows - 1 && w.Change is { } change)
            {
                Span(SpanKind.Change, null, change, []);
                Rigged(w, rig => rig.Window is null || (rig.InChange && rig.Window == v + 2));
            }
        }
    }

    /// <summary>Who changes a load in the span that was walked last; a group that does so does not rest.</summary>
    private void Rigged(Stage.Waves w, Func<Rule.ReRig, bool> when)
    {
        foreach (var rig in now is null ? [] : w.Rules.OfType<Work.RuleLine>().Select(l => l.Rule).OfType<Rule.ReRig>().Where(when))
        {
            var by = rig.By.Split(", ");
            var others = spans[^1].Where.Where(p => p.Said != Presence.Rests || !by.Contains(p.Who));
            spans[^1] = spans[^1] with { Where = others.Append(new(rig.By, null, ReRigWords(rig))).ToEq() };
        }
    }

    private void Swaps(Stage.SwapStations s)
    {
        var piece = Add(s.Label, s.Goal, s.Time, s.Items.SelectMany(i => i.Items).ToEq(), s.At);
        pieces[^1] = piece with { Swaps = s.Items, SwapWhen = s.SwapWhen, SwapUntil = s.Until };
        Span(SpanKind.Work, s.Label, s.Time, s.Items.Select(i => (pieces[^1], default(string), (string?)i.Name)));
    }

    private PieceOfWork Add(
        string? label,
        Goal goal,
        Duration? window,
        Eq<Work> items,
        SourceRange at,
        bool left = false,
        string? group = null,
        int? seat = null,
        string? station = null,
        int? turn = null
    )
    {
        var piece = new PieceOfWork(pieces.Count.ToString(CultureInfo.InvariantCulture), label, goal, left, window, now, items, at)
        {
            Group = group,
            Seat = seat,
            Station = station,
            Turn = turn,
            Cycle = cycle,
            OfCycles = cycles,
        };
        pieces.Add(piece);
        return piece;
    }

    private void Span(
        SpanKind kind,
        string? label,
        Duration? length,
        IEnumerable<(PieceOfWork Piece, string? Who, string? Does)> at,
        IEnumerable<Presence>? rests = null,
        bool silent = false
    )
    {
        var places = at.ToList();
        if (now is { } start && length is { } time)
        {
            spans.Add(
                new(kind, label, start, start + time, places.Select(p => p.Piece.Key).Distinct().ToEq())
                {
                    Where = places
                        .Where(p => p.Who is not null || p.Piece.Swaps.Count > 0)
                        .Select(p => new Presence(p.Who, p.Piece.Key, p.Does is null ? Presence.Works : new(p.Does, p.Does)))
                        .Concat(rests ?? [])
                        .ToEq(),
                    Watched = kind == SpanKind.Work ? WatchedAt(places.ConvertAll(p => p.Piece)) : [],
                    Silent = silent,
                }
            );
            now = start + time;
        }
        else
        {
            HasUnset = true;
            now = null;
        }
    }

    private static Said ReRigWords(Rule.ReRig rig) =>
        rig.To is { } to
            ? ("changes the load to " + Notation.Printer.Detail(to), "cambia la carga a " + Notation.Printer.Detail(to))
            : ("changes the load", "cambia la carga");

    /// <summary>Counts a step of the walk; true when no more are taken.</summary>
    private bool Full() => TooMany |= pieces.Count >= LargestCount || ++steps > MostSteps;
}
