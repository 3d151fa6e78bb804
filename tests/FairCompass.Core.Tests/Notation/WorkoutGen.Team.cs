using CsCheck;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Notation;

/// <summary>How a team shares work, and what others hold meanwhile.</summary>
public static partial class WorkoutGen
{
    private static Gen<SharePhrase> Phrase =>
        Gen.Select(
            Gen.Enum<ShareKind>(),
            Small,
            Pick.Of("each", "a turn", "each in every round", "a turn of every movement", "each of every movement in every round"),
            (k, n, per) =>
                k switch
                {
                    ShareKind.TogetherAt => new SharePhrase(k, Text: "the far shoulder"),
                    ShareKind.HandOverAfter => n % 2 == 0 ? new(k, Text: "the round") : new(k, n),
                    ShareKind.HandOverAt => new(k, Text: "Deck"),
                    ShareKind.InFixedOrder => new(k) { Order = n % 2 == 0 ? [] : [2, 1, 4, 3] },
                    ShareKind.ByMembers or ShareKind.AtMost or ShareKind.AtMostTries => new SharePhrase(k, n),
                    ShareKind.AtLeast => new SharePhrase(k, n, per),
                    ShareKind.Short => new SharePhrase(k) { Short = (ShortShare)(n % 3) },
                    _ => new SharePhrase(k),
                }
        );

    private static Gen<BrokenHold?> AnyBroken =>
        Gen.OneOf(
            Gen.Const((BrokenHold?)null),
            Gen.Enum<LostWork>().Select(lost => (BrokenHold?)new BrokenHold(lost)),
            Small.Select(n => (BrokenHold?)new BrokenHold(null, n, "burpee"))
        );

    private static Gen<Rule> AnyHold =>
        Gen.Select(
            Gen.Select(Small, Coin, Coin, AnyLoad, Coin),
            Gen.Select(Coin, Coin, AnyBroken),
            (of, may) =>
                (Rule)
                    new Rule.Hold(of.Item1, "front plank", of.Item2, of.Item3)
                    {
                        Load = of.Item5 ? of.Item4 with { Start = false } : null,
                        MayPause = may.Item1,
                        OthersTakeOver = may.Item2,
                        Broken = may.Item3,
                    }
        );

    /// <summary>Rounds whose number differs for some, or that nobody has said.</summary>
    private static Gen<Work> OwnRounds(int depth) =>
        Gen.Select(
            Small,
            Coin,
            Block(depth),
            (n, unsaid, items) =>
                (Work)new Work.Rounds(unsaid ? null : n, items) { Unsaid = unsaid, Others = unsaid ? [] : [new([new(["Meadow"])], n + 1)] }
        );
}
