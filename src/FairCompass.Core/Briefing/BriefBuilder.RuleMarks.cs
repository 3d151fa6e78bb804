using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>
/// Where a judge marks what a rule of the work makes of a rep, a turn, a lift or a hold: a line on the card for each phrase whose breach
/// has to be seen, and what the breach costs.
/// </summary>
public sealed partial class BriefBuilder
{
    /// <summary>Breaks of a hold that have a box of their own.</summary>
    private const int MostBreaks = 8;

    private IEnumerable<BriefSection> RulesToMark(Course course)
    {
        var marks = course
            .Pieces.SelectMany(p => p.Tasks.SelectMany(t => MarksOf(course, p, t).Select(m => (m.What, m.Mark, m.Line, Task: t, Piece: p))))
            .GroupBy(x => (x.What, x.Mark))
            .ToList();
        if (marks.Count == 0)
        {
            yield break;
        }

        var all = course.Pieces.SelectMany(p => p.Tasks).Select(t => t.Prescription.Movement.Value).Distinct().Count();
        yield return new(
            "rules",
            Say("Mark what breaks a rule", "Marca lo que rompe una regla"),
            [
                new BriefBlock.Table(
                    null,
                    [Say("Seen", "Visto"), Say("During", "Durante"), Say("One stroke each", "Una raya cada vez")],
                    marks
                        .Select(g =>
                            Cited(
                                $"rule/{g.First().Line}",
                                new([
                                    Words.Capital(g.Key.What),
                                    g.Select(x => x.Task.Prescription.Movement.Value).Distinct().ToList() is var some
                                    && some.Count == all
                                    && all > 1
                                        ? Say("all the work", "todo el trabajo")
                                        : tongue.Join(some.Select(tongue.Movement)),
                                    g.Key.Mark,
                                ])
                            )
                        )
                        .ToEq()
                ),
                new BriefBlock.Paragraph(
                    Say(
                        "Each stroke is a rep that does not count. Before the card is signed the head judge decides two "
                            + "things: who did too little, and what was counted too early.",
                        "Cada raya es una repetición que no cuenta. Antes de firmar la tarjeta, el juez principal decide dos cosas: quién "
                            + "hizo de menos y qué se contó antes de tiempo."
                    )
                ),
            ]
        );
    }

    /// <summary>The lines of one task; equal ones of several tasks become one.</summary>
    private IEnumerable<(string What, string Mark, int Line)> MarksOf(Course course, CoursePiece piece, CourseTask task)
    {
        var members = course.MembersOf(piece.Piece);
        var line = task.Source.At.Line;
        foreach (var mark in members.Count > 1 ? SharedMarks(course, piece, task, members) : [])
        {
            yield return mark;
        }

        foreach (var flag in task.Source.Details.OfType<Detail.Flag>().Where(f => f.Is == FlagKind.InOneGo))
        {
            yield return (Say("the set was broken", "la serie se interrumpió"), Strokes, flag.At.Line);
        }

        foreach (var mark in LiftMarks(course, piece, line))
        {
            yield return mark;
        }

        foreach (var chunk in task.Prescription.Counting.OfType<Detail.Chunks>())
        {
            yield return (
                Say($"a part of {ChunkSize(course, chunk)} was broken", $"una parte de {ChunkSize(course, chunk)} se interrumpió"),
                Strokes,
                chunk.At.Line
            );
        }

        foreach (var rule in task.Source.Lines.OfType<TaskLine.RuleOf>())
        {
            if (rule.Rule is Rule.Touch touch)
            {
                yield return (Say($"touch: {touch.Text}", $"contacto: {touch.Text}"), Strokes, rule.At.Line);
            }
            else if (rule.Rule is Rule.Help { Voids: not null })
            {
                yield return (Say("somebody helped", "alguien ayudó"), Strokes, rule.At.Line);
            }
        }

        if (piece.Piece.IsHeaviest && u.Workout.Policies.OfType<Policy.Clips>().Any(c => !c.WithoutCounts))
        {
            yield return (Say("lifted without clips", "levantó sin cierres"), Strokes, line);
        }
    }

    /// <summary>The lines of a heaviest lift: too many attempts, and a load that went down.</summary>
    private IEnumerable<(string What, string Mark, int Line)> LiftMarks(Course course, CoursePiece piece, int line)
    {
        var lift = LiftRules.Of(course, piece, null);
        if (lift?.AttemptsSaid is { } attempts)
        {
            yield return (
                Say($"more than {Words.Count(attempts.N, "attempt")}", $"más de {attempts.N} {(attempts.N == 1 ? "intento" : "intentos")}"),
                Strokes,
                attempts.At.Line
            );
        }

        if (lift is { Lower: not LowerLoads.Always })
        {
            yield return (
                lift.Lower == LowerLoads.Never
                    ? Say("a lower load than before", "menos carga que antes")
                    : Say("a lower load than before, without a miss", "menos carga que antes, sin fallo"),
                Strokes,
                lift.NeverDown?.At.Line ?? line
            );
        }
    }

    /// <summary>The lines of what members share, and of a position that they hold.</summary>
    private IEnumerable<(string What, string Mark, int Line)> SharedMarks(
        Course course,
        CoursePiece piece,
        CourseTask task,
        IReadOnlyList<Address> members
    )
    {
        var line = task.Source.At.Line;
        var (share, hold) = RulesAround.Of(piece, task);
        var counted = MemberShare.Of(course, piece).Any(s => s.Task == task.Index);
        foreach (var phrase in share?.Phrases ?? [])
        {
            // Who did how many has a table of its own.
            if (
                !(counted && phrase is { Is: ShareKind.AtLeast, Text: { } per } && per.StartsWith("each", StringComparison.Ordinal))
                && Shared(phrase, members) is var (what, mark)
            )
            {
                yield return (what, mark, line);
            }
        }

        if (hold is not null)
        {
            yield return (
                Say(
                    $"{Words.Count(hold.Holders, "crew-mate")} in {hold.Position}: on and off",
                    $"{hold.Holders} en {tongue.Movement(hold.Position)}: dentro y fuera"
                ),
                BrokenAnd(hold.Broken) + string.Concat(Enumerable.Repeat("□ ", MostBreaks)).TrimEnd(),
                line
            );
        }
    }

    /// <summary>The head of the strokes for a hold that broke, with what each costs.</summary>
    private string BrokenAnd(BrokenHold? broken) =>
        broken switch
        {
            null => Say("broken ", "roto "),
            { Lost: LostWork.Rep } => Say("broken, rep lost ", "roto, repetición perdida "),
            { Lost: LostWork.Set } => Say("broken, set begins anew ", "roto, la serie empieza de nuevo "),
            var b => Say($"broken, {b.Work} {b.Movement} by the team ", $"roto, {b.Work} {tongue.Movement(b.Movement!)} del equipo "),
        };

    /// <summary>Room for strokes; the head of the column says one each.</summary>
    private const string Strokes = "";

    /// <summary>The size of the parts; of a team whose duties differ as the draft writes it.</summary>
    private string ChunkSize(Course course, Detail.Chunks chunk) =>
        course.Address.Duty is null ? chunk.Size.ToString() : chunk.Size.For(u.Resolver.Position(course.Address)).ToString();

    /// <summary>What breaks a phrase of a sharing rule, and where it is marked; null for a phrase that nobody can break.</summary>
    private (string What, string Mark)? Shared(SharePhrase phrase, IReadOnlyList<Address> members) =>
        phrase.Is switch
        {
            ShareKind.AtLeast when phrase.Text is null or "each" => (
                Say($"{phrase.N} done by each", $"{phrase.N} hechas por cada uno"),
                string.Join(" ", members.Select((m, i) => $"{tongue.Ordinal(m.Seat ?? i + 1)} □"))
            ),
            ShareKind.AtLeast => (
                Say($"fewer than {phrase.N}: {phrase.Text}", $"menos de {phrase.N}: {Glossary.Usual(phrase.Text!, tongue)}"),
                Strokes
            ),
            ShareKind.AtMost => (Say($"more than {phrase.N} in a row", $"más de {phrase.N} seguidas"), Strokes),
            ShareKind.AtMostTries => (Say($"more than {phrase.N} tries in a row", $"más de {phrase.N} intentos seguidos"), Strokes),
            ShareKind.AttemptIsTurn => (Say("went on after a missed attempt", "siguió tras un intento fallado"), Strokes),
            ShareKind.TogetherAt => (
                Say($"not together at {phrase.Text}", $"no a la vez en {Glossary.Usual(phrase.Text ?? "", tongue)}"),
                Strokes
            ),
            ShareKind.OneAtATime => (Say("two worked at once", "dos trabajaron a la vez"), Strokes),
            ShareKind.InFixedOrder when phrase.Order.Count > 0 => (
                Say("out of turn, ", "fuera de turno, ") + string.Join(", ", phrase.Order.Select(n => tongue.Ordinal(n))),
                Strokes
            ),
            ShareKind.InRotation or ShareKind.InFixedOrder or ShareKind.TurnsByRound => (Say("out of turn", "fuera de turno"), Strokes),
            ShareKind.HandOverAt => (Say($"handed over elsewhere than at {phrase.Text}", $"relevo fuera de {phrase.Text}"), Strokes),
            ShareKind.HandOverAfter when phrase.N is { } reps => (
                Say($"not after just {reps} reps handed over", $"relevo que no fue después de {reps} repeticiones"),
                Strokes
            ),
            ShareKind.HandOverAfter => (
                Say($"handed over before the end of {phrase.Text}", $"relevo antes de acabar: {Glossary.Usual(phrase.Text ?? "", tongue)}"),
                Strokes
            ),
            ShareKind.HandTag => (Say("no hand tag", "sin toque de manos"), Strokes),
            ShareKind.AnyNumber
            or ShareKind.AnySplit
            or ShareKind.ByMembers
            or ShareKind.NoHandTag
            or ShareKind.CountByMember
            or ShareKind.Short => null,
            _ => throw new InvalidOperationException($"A phrase of sharing without a line on the card: {phrase.Is}."),
        };
}
