using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A sharing rule that nobody can keep.</summary>
public sealed class SharingImpossible : ICheck
{
    /// <inheritdoc/>
    public string Id => "sharing-impossible";

    /// <inheritdoc/>
    public string Title => "A sharing rule that nobody can keep";

    /// <inheritdoc/>
    public string Why => "The team would break the rule whatever it does, and each judge would decide differently.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var seen = new HashSet<(int, string)>();
        foreach (var course in context.Courses.DistinctBy(c => c.Address.Division))
        {
            foreach (var (share, at, amount, members, swaps) in Shares(context.Workout, course))
            {
                var objections = Objections(share, course.Address.Division, amount, members, swaps).Concat(NoPoint(share, context));
                foreach (var sentence in objections.Where(s => seen.Add((at.Line, s))))
                {
                    yield return new Report(at, sentence);
                }
            }

            foreach (var report in RoundsCutShort(context).Where(r => seen.Add((r.At.Line, r.Sentence))))
            {
                yield return report;
            }

            foreach (var (task, sentence) in ByMember(course).Where(x => seen.Add((x.Task.Source.At.Line, x.Sentence))))
            {
                yield return new Report(task.Source.At, sentence);
            }

            // Counted by member are units: sections of a distance, reps of all rounds.
            foreach (var share in course.Pieces.SelectMany(p => MemberShare.Of(course, p)).Where(s => !s.IsPossible))
            {
                var sentence =
                    $"At least {share.Least} each of {share.Seats.Count} are {share.Least * share.Seats.Count}, more than the "
                    + $"{share.Amount} "
                    + "there are.";
                if (seen.Add((share.At.Line, sentence)))
                {
                    yield return new Report(share.At, sentence);
                }
            }
        }
    }

    /// <summary>Whole rounds alternate, and a turn ends before the first task of a round is done.</summary>
    private static IEnumerable<Report> RoundsCutShort(CheckContext context) =>
        from work in context.AllWork
        let items = work switch
        {
            Work.Rounds rounds => rounds.Items,
            Work.Scheme scheme => scheme.Items,
            _ => default,
        }
        from line in items.OfType<Work.RuleLine>()
        let phrases = (line.Rule as Rule.Share)?.Phrases ?? []
        let most = phrases.FirstOrDefault(p => p.Is == ShareKind.AtMost)?.N
        where most is not null && phrases.Any(p => p.Is == ShareKind.TurnsByRound)
        let amount = items
            .OfType<Work.Task>()
            .Max(t => t.Amount is Amount.Counted { Unit: AmountUnit.Rep, Of.First: { IsConstant: true } of } ? of.At(0) : null)
        where amount > most
        select new Report(
            line.At,
            $"Whole rounds alternate, and a turn has at most {most} of {Number.Normal(amount.Value)}: nobody can do a round.",
            [
                .. context.Instead(
                    line.At.Line,
                    $"at most {most} in a row",
                    $"at most {Number.Normal(amount.Value)} in a row",
                    $"Write at most {Number.Normal(amount.Value)} in a row"
                ),
                .. context.Instead(line.At.Line, "taking turns by the round", "one at a time", "One at a time"),
            ]
        );

    /// <summary>Tasks whose units cannot be told by member, and those where nobody can be short.</summary>
    private static IEnumerable<(CourseTask Task, string Sentence)> ByMember(Course course)
    {
        foreach (var piece in course.Pieces.Where(p => p.IsCounted && course.MembersOf(p.Piece).Count > 1))
        {
            foreach (var task in piece.Tasks)
            {
                var phrases = RulesAround.Of(piece, task).Share?.Phrases ?? [];
                if (!phrases.Any(x => x.Is == ShareKind.CountByMember))
                {
                    continue;
                }

                if (!piece.SharedOf(task.Index).Any())
                {
                    yield return (
                        task,
                        "What comes first in each interval, stations and ways to choose are not counted by member; take the line away "
                            + "here, or count it outside."
                    );
                }
                else if (
                    piece.SharedOf(task.Index).First().Role == StrandRole.Interval
                    && phrases.Any(x => x.Is is ShareKind.Short or ShareKind.AtLeast)
                )
                {
                    yield return (
                        task,
                        "What an interval lacked cannot be made up when it is over, so nobody can be short here: count by member without "
                            + "a least, or let unfinished carry over."
                    );
                }
            }
        }
    }

    private static IEnumerable<(Rule.Share, SourceRange, long? Amount, int Members, bool Swaps)> Shares(Workout workout, Course course)
    {
        var groups = workout.Headers.OfType<Header.Groups>().SelectMany(g => g.Items).ToList();
        foreach (var piece in course.Pieces.Select(p => p.Piece))
        {
            var members =
                piece.Seat is not null ? 1
                : piece.Group is { } g && groups.FirstOrDefault(x => x.Name == g) is { } group ? group.Seats.Count
                : course.Address.Division.Size;
            foreach (var work in WorkTree.Walk(piece.Items))
            {
                if (work is Work.RuleLine { Rule: Rule.Share share })
                {
                    yield return (share, work.At, null, members, piece.Swaps.Count > 0);
                }

                foreach (var line in (work as Work.Task)?.Lines.OfType<TaskLine.RuleOf>() ?? [])
                {
                    if (line.Rule is Rule.Share own)
                    {
                        yield return (
                            own,
                            line.At,
                            work is Work.Task { Amount: Amount.Counted { Of: { Second: null, First.IsConstant: true } of } }
                                ? (long?)of.First.At(0)
                                : null,
                            members,
                            piece.Swaps.Count > 0
                        );
                    }
                }
            }
        }
    }

    private static IEnumerable<string> Objections(Rule.Share share, Competitions.Division division, long? amount, int members, bool swaps)
    {
        SharePhrase? Of(ShareKind kind) => share.Phrases.FirstOrDefault(p => p.Is == kind);
        var by = Of(ShareKind.ByMembers)?.N;
        var sharers = by ?? members;
        if (members < 2)
        {
            yield return division.IsTeam
                ? "One member works here, so there is nothing to share."
                : $"{division.Name} is for one athlete, so there is nothing to share.";
            yield break;
        }

        if (by > members || by == 0)
        {
            yield return $"By {by} members, but {members} are there.";
        }

        if (swaps && Of(ShareKind.AtMost)?.N is { } row && !(amount <= row))
        {
            yield return $"At a station nobody takes over until the swap, so after {row} in a row nobody may go on.";
        }

        if (Of(ShareKind.AtLeast) is { N: { } least } minimum)
        {
            var most = Of(ShareKind.AtMost)?.N ?? Of(ShareKind.AtMostTries)?.N;
            if (minimum.Text?.StartsWith("each", StringComparison.Ordinal) == true && amount is { } all && (long)least * sharers > all)
            {
                yield return $"At least {least} each of {sharers} are {(long)least * sharers}, more than the {all} there are.";
            }
            else if (minimum.Text?.StartsWith("a turn", StringComparison.Ordinal) == true && most < least)
            {
                yield return $"At least {least} a turn, but at most {most} in a row.";
            }
        }

        if (
            Of(ShareKind.Short) is not null
            && (Of(ShareKind.CountByMember) is null || Of(ShareKind.AtLeast)?.Text?.StartsWith("each", StringComparison.Ordinal) != true)
        )
        {
            yield return "Who is short can only be said with at least so many each, and count by member.";
        }

        if (Of(ShareKind.CountByMember) is not null && Of(ShareKind.TogetherAt) is not null)
        {
            yield return "All do each unit together, so there is nothing to count by member.";
        }

        if (Misordered(Of(ShareKind.InFixedOrder)?.Order ?? [], members) is { } misordered)
        {
            yield return misordered;
        }

        foreach (var contradiction in Contradictions(Of))
        {
            yield return contradiction;
        }
    }

    /// <summary>Why an order of turns is none of this team; null when it is, and for no order.</summary>
    private static string? Misordered(Eq<int> order, int members) =>
        order.Count == 0 ? null
        : order.CountBy(s => s).Where(s => s.Value > 1).Select(s => (int?)s.Key).FirstOrDefault() is { } twice
            ? $"The {Words.Ordinal(twice)} has two turns in one order."
        : order.Count != members || order.Max() > members
            ? $"The order names {Words.Count(order.Count, "place")} up to the {Words.Ordinal(order.Max())}, and {members} are there."
        : null;

    private static IEnumerable<string> NoPoint(Rule.Share share, CheckContext context) =>
        share
            .Phrases.Where(p => p.Is == ShareKind.HandOverAt && !context.AllWork.OfType<Work.Checkpoint>().Any(c => c.Name == p.Text))
            .Select(p => $"There is no checkpoint {p.Text}, so nobody hands over there.");

    /// <summary>Phrases that cannot hold together.</summary>
    private static IEnumerable<string> Contradictions(Func<ShareKind, SharePhrase?> of)
    {
        if (of(ShareKind.AtMost) is { N: 0 } or { Is: ShareKind.AtMostTries, N: 0 })
        {
            yield return "At most 0 in a row is no work.";
        }

        if (of(ShareKind.OneAtATime) is not null && (of(ShareKind.TogetherAt) is not null || of(ShareKind.AnyNumber) is not null))
        {
            yield return "One at a time and together exclude each other.";
        }

        if (
            new[] { ShareKind.AnySplit, ShareKind.InFixedOrder, ShareKind.InRotation, ShareKind.TurnsByRound }.Count(k => of(k) is not null)
                is > 1
                    and var orders
            && !(
                orders == 2
                && of(ShareKind.AnySplit) is not null
                && of(ShareKind.InFixedOrder) is null
                && of(ShareKind.TurnsByRound) is null
            )
        )
        {
            yield return "Two orders of turns exclude each other.";
        }

        if (of(ShareKind.HandOverAfter) is { N: { } turn } && (turn == 0 || of(ShareKind.AtMost)?.N < turn))
        {
            yield return turn == 0 ? "Nobody can hand over after 0 reps." : $"Nobody reaches {turn} in a row, so nobody hands over.";
        }

        if (of(ShareKind.HandTag) is not null && of(ShareKind.NoHandTag) is not null)
        {
            yield return "A hand tag is asked and not asked.";
        }
    }
}
