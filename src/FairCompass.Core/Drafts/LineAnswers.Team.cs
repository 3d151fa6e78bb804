using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Drafts;

/// <content>What a team writes into its own lines.</content>
internal sealed partial class LineAnswers
{
    /// <summary>The members of a team, by place; none where teams of several sizes do the workout, whose lines are not the same.</summary>
    private Eq<string> Places =>
        u.Courses.Select(c => c.Address.Division).Where(d => d.IsTeam).Select(d => d.Size).Distinct().ToList() is [var size]
            ? Enumerable.Range(1, size).Select(i => Words.Ordinal(i)).ToEq()
            : [];

    /// <summary>The shares of the text with their place.</summary>
    private List<(Rule.Share Share, SourceRange At)> Shares =>
        WorkTree.Rules(u.Workout).Where(r => r.Rule is Rule.Share).Select(r => ((Rule.Share)r.Rule, r.At)).ToList();

    /// <summary>The order of the places, in every share that has one member at work.</summary>
    private IEnumerable<LineAnswer> InOrder()
    {
        var shares = Shares.Where(s => s.Share.Phrases.Any(p => p.Is == ShareKind.OneAtATime)).ToList();
        if (shares.Count == 0 || Places.Count < 2)
        {
            yield break;
        }

        var order = string.Join(", ", Places);
        yield return new(
            ("A fixed order, as the places stand", "Un orden fijo, el de los puestos"),
            (
                $"The turns go {Words.Join(Places)}, and again; who works out of turn stops until who is due begins.",
                $"Los turnos van {order}, y otra vez; quien trabaja fuera de turno para hasta que empieza a quien le toca."
            ),
            Appended(shares, $", in fixed order {order}", "In order")
        );
    }

    /// <summary>A least share of half of an even split, rounded up, in every share that has none.</summary>
    private IEnumerable<LineAnswer> WithALeast()
    {
        var size = Places.Count;
        var shared = u
            .Courses.Where(c => c.Address.Division.IsTeam)
            .SelectMany(c => c.Pieces)
            .SelectMany(p => p.Tasks.Select(t => (Task: t, RulesAround.Of(p, t).Share)))
            .Where(x => x.Share?.Phrases.Any(p => p.Is == ShareKind.OneAtATime) == true && x.Task.Count?.At(0) is > 0)
            .ToList();
        var shares = Shares
            .Where(s =>
                s.Share.Phrases.Any(p => p.Is == ShareKind.OneAtATime)
                && !s.Share.Phrases.Any(p => p.Is is ShareKind.AtLeast or ShareKind.InFixedOrder)
            )
            .ToList();
        if (size < 2 || shares.Count == 0 || shared.Count == 0 || shared.Exists(x => x.Task.Count!.At(0) < 2 * size))
        {
            yield break;
        }

        var all = (long)shared.Min(x => x.Task.Count!.At(0)!.Value);
        var least = (all + (2 * size) - 1) / (2 * size);
        yield return new(
            ($"Free, but each does at least {least}", $"Libres, pero cada uno hace al menos {least}"),
            (
                $"Of {all} one of the {size} may do {all - (least * (size - 1))} at most: each of the others does {least}. "
                    + "Who is short owes it.",
                $"De {all}, uno de los {size} puede hacer {all - (least * (size - 1))} como mucho: cada uno de los demás hace "
                    + $"{least}. Quien no llega lo debe."
            ),
            Appended(shares, $", any split, at least {least} each, count by member, short is owed", "A least")
        );
    }

    private static Mend Appended(List<(Rule.Share Share, SourceRange At)> shares, string text, string label)
    {
        var edits = shares.Select(s => new TextEdit(s.At.Line, s.At.Column + s.At.Length, 0, Without(s.Share, text))).ToList();
        return new(label, edits[0]) { More = edits.Skip(1).ToEq() };
    }

    /// <summary>The phrases to add, but for those that stand there.</summary>
    private static string Without(Rule.Share share, string text) =>
        share.Phrases.Any(p => p.Is == ShareKind.AnySplit) ? text.Replace(", any split", "", StringComparison.Ordinal) : text;

    /// <summary>One height for both duties, in every task: that of the first, or that of the second.</summary>
    private IEnumerable<LineAnswer> OneHeight()
    {
        var all = use.AllHeightsThatDiffer().ToList();
        foreach (var which in all.Count == 0 ? [] : new Func<TopicUse.TwoHeights, DutyHeight>[] { h => h.One, h => h.Other })
        {
            var english = string.Join(", ", all.Select(h => which(h).In(Tongue.English)).Distinct());
            var spanish = string.Join(", ", all.Select(h => which(h).In(Tongue.Spanish)).Distinct());
            var teams = Words.Join(all.Select(h => h.Division.Name).Distinct().ToList());
            // Lines under one task are one edit, so that each stands behind the task whatever is written first.
            var edits = all.GroupBy(h => h.Line)
                .Select(at => new TextEdit(
                    at.Key,
                    lines[at.Key - 1].Length + 1,
                    0,
                    string.Concat(
                        at.GroupBy(h => h.Division.Name)
                            .Select(d =>
                                $"\n{Indent(at.Key)}  {d.Key}: {string.Join(", ", d.Select(h => which(h).In(Tongue.English)).Distinct())}"
                            )
                    )
                ))
                .ToList();
            yield return new(
                ($"One for the team: {english}", $"Una para el equipo: {spanish}"),
                ($"{teams}: {english} for all, at every turn.", $"{teams}: {spanish} para todos, en cada turno."),
                new(english, edits[0]) { More = edits.Skip(1).ToEq() }
            );
        }
    }

    /// <summary>A named post for each place that is worked at once, or one judge for all of them.</summary>
    private IEnumerable<LineAnswer> Posts()
    {
        var places = u
            .Courses.SelectMany(c => c.Clock.Spans)
            .SelectMany(s => s.Watched)
            .Select(w => w.Hold ? "hold" : w.Station ?? "work")
            .Distinct()
            .ToList();
        var after = u.Workout.Headers.Select(h => h.At.Line).DefaultIfEmpty(u.Workout.At.Line).Max();
        if (places.Count < 2)
        {
            yield break;
        }

        LineAnswer Written(Said label, Said example, Func<int, int> post) =>
            new(
                label,
                example,
                new(
                    label.English,
                    new TextEdit(
                        after,
                        lines[after - 1].Length + 1,
                        0,
                        "\n  judges: " + string.Join(", ", places.Select((p, i) => $"{p} by post {post(i)}"))
                    )
                )
            );
        yield return Written(
            ("A post for each, by name", "Un puesto para cada sitio, con nombre"),
            (
                $"{Words.Join(places.Select((p, i) => $"post {i + 1} watches {p}").ToList())}; each gets a brief of the own post.",
                $"{string.Join(", ", places.Select((p, i) => $"el puesto {i + 1} mira {p}"))}; cada juez recibe la guía de su puesto."
            ),
            i => i + 1
        );
        var most = u.Courses.SelectMany(c => c.Clock.Spans).Max(s => s.Watched.Count);
        yield return Written(
            ("One judge for all of it", "Un juez para todo"),
            (
                $"One judge watches {most} places at once; what happens at {most - 1} of them is not seen, and a check says so.",
                $"Un juez vigila {most} sitios a la vez; lo que pasa en {most - 1} de ellos no se ve, y una comprobación lo dice."
            ),
            _ => 1
        );
    }
}
