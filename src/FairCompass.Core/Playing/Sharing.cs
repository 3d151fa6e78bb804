using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Playing;

/// <summary>Who may do the next unit of a task, from the rules nearest to it.</summary>
/// <param name="Members">How many share the work, from 1.</param>
/// <param name="Together">True where all do each unit together.</param>
/// <param name="AtOnce">True where several may work at one time.</param>
/// <param name="AtMost">The longest turn in units; null without a limit.</param>
/// <param name="AtLeast">The fewest units of each member; 0 for none.</param>
/// <param name="HoldBy">How many must hold a position for a unit to count; 0 for none.</param>
public sealed record Sharing(int Members, bool Together, bool AtOnce, int? AtMost, int AtLeast, int HoldBy)
{
    /// <summary>How many units each turn has; null where it may end at any.</summary>
    public int? TurnOf { get; init; }

    /// <summary>True where the set begins anew when the position that others need is broken.</summary>
    public bool SetLost { get; init; }

    /// <summary>The places in the order in which they take turns; empty where any may be next.</summary>
    public Eq<int> Order { get; init; } = [];

    /// <summary>Whose turn comes after a place, of those who may work; null where there is no order, or nobody may.</summary>
    /// <param name="worker">Who works; null before the first turn.</param>
    /// <param name="may">Whether a place may work now.</param>
    public int? After(int? worker, Func<int, bool> may)
    {
        var at = worker is { } now ? Order.ToList().IndexOf(now) : -1;
        return Enumerable.Range(at + 1, Order.Count).Select(i => (int?)Order[i % Order.Count]).FirstOrDefault(s => may(s!.Value));
    }

    /// <summary>One who works alone.</summary>
    public static Sharing Alone { get; } = new(1, false, false, null, 0, 0);

    /// <summary>The rules about a task: its own, or those of the nearest block around it that has any.</summary>
    /// <param name="piece">The piece.</param>
    /// <param name="task">A task of it.</param>
    /// <param name="members">How many do the piece, from 1.</param>
    public static Sharing Of(CoursePiece piece, CourseTask task, int members)
    {
        if (members < 2)
        {
            return Alone;
        }

        var (shared, hold) = RulesAround.Of(piece, task);
        var share = shared?.Phrases ?? [];
        int? Number(ShareKind kind) => share.Where(p => p.Is == kind).Select(p => p.N).FirstOrDefault();
        bool Has(ShareKind kind) => share.Any(p => p.Is == kind);
        return new(
            Math.Clamp(Number(ShareKind.ByMembers) ?? (members - (hold?.Holders ?? 0)), 1, members),
            Has(ShareKind.TogetherAt),
            Has(ShareKind.AnyNumber),
            // At a station nobody takes over until the swap; a check refuses a limit there.
            piece.Piece.Swaps.Count > 0
                ? null
                : new[] { Number(ShareKind.AtMost), Number(ShareKind.HandOverAfter) }.Min(),
            Number(ShareKind.AtLeast) ?? 0,
            hold?.Holders ?? 0
        )
        {
            TurnOf = piece.Piece.Swaps.Count > 0 ? null : Number(ShareKind.HandOverAfter),
            SetLost = hold?.Broken?.Lost == LostWork.Set,
            Order = share.FirstOrDefault(p => p.Is == ShareKind.InFixedOrder)?.Order ?? [],
        };
    }
}
