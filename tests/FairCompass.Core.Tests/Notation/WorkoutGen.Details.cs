using CsCheck;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Notation;

/// <content>Phrases after a movement: made when they are asked for, since fields of two files have no order.</content>
public static partial class WorkoutGen
{
    private static Gen<Detail.Load> AnyLoad =>
        Gen.Select(
            Small,
            AnyPair,
            Masses,
            AnyPair,
            Masses,
            Gen.Int[0, 3],
            (n, p, u, q, v, shape) =>
                new Detail.Load((shape & 1) == 1 ? n : null, p, u, (shape & 2) == 2 ? q : null, (shape & 2) == 2 ? v : null)
        );

    private static Gen<Detail> AnyDetail =>
        Gen.OneOf(
            AnyLoad.Select(l => (Detail)l),
            Gen.Select(Small, Num, Lengths, (n, l, u) => (Detail)new Detail.Lengths(n, l, u)),
            Gen.Select(
                Gen.Int[0, 4].Select(k => (HeightKind)k),
                AnyPair,
                Lengths,
                Gen.Int[0, 2],
                (k, p, u, r) => (Detail)new Detail.Height(k, p, u, r == 0 ? null : r == 1, r == 0 ? null : "the wrists")
            ),
            Gen.Select(
                Pick.Of("low mark", "leave at", "hands", "start line"),
                AnyPair,
                Lengths,
                Gen.Int[0, 3],
                (name, p, u, r) =>
                    (Detail)
                        new Detail.Height(HeightKind.Named, p, u, r == 1 ? true : null, r == 1 ? "reach" : null)
                        {
                            Name = name,
                            By = r == 2 ? p : null,
                        }
            ),
            Pick.Of("rings", "far line")
                .Select(n =>
                    (Detail)
                        new Detail.Height(HeightKind.Named, new Pair(Series.Of(0), null), LengthUnit.Centimetre, null, "the hip crease")
                        {
                            Name = n,
                        }
                ),
            Gen.Select(Num, Lengths, (n, u) => (Detail)new Detail.Marks(n, u)),
            AnyPair.Select(p => (Detail)new Detail.Chunks(p)),
            Small.Select(n => (Detail)new Detail.Counts(n)),
            Pick.Of("axle", "trap bar", "bar 2", "20 kg", "17.5 kg").Select(b => (Detail)new Detail.OnBar(b)),
            Gen.Select(Small, Small, (a, b) => (Detail)new Detail.EveryCount(a, b)),
            Gen.Select(Small, Coin, (n, w) => (Detail)new Detail.Credited(n, w)),
            Gen.Const((Detail)new Detail.Uncounted()),
            Gen.Select(Small, AnyPair, Coin, (n, p, w) => (Detail)new Detail.Bonus(n, w ? null : p)),
            AnyWho.Select(w => (Detail)new Detail.Only(w)),
            Small.Select(n => (Detail)new Detail.EveryNth(n)),
            AnyPair.Select(p => (Detail)new Detail.InRounds(p.First)),
            Gen.Enum<FlagKind>().Select(f => (Detail)new Detail.Flag(f)),
            Small.Select(n => (Detail)new Detail.LiftAttempts(n)),
            Gen.Select(AnyPair, Num, (p, n) => (Detail)new Detail.Rising(p, n)),
            Gen.Select(Gen.Int[1, 9], Coin, (n, row) => (Detail)new Detail.Misses(n, row)),
            Gen.Select(AnyPair, Movement, Coin, (p, m, own) => (Detail)new Detail.OwnBest(p, own ? null : m)),
            AnyLoad.Select(l => (Detail)(l with { Start = true })),
            Gen.Select(AnyLoad, AnyPair, (l, left) => (Detail)new Detail.Load(null, l.Of, l.Unit) { Left = left }),
            Gen.Select(Small, AnyPair, Coin, (n, p, one) => (Detail)new Detail.Figure(one ? null : n, p)),
            Gen.Enum<FromPlace>().Select(f => (Detail)new Detail.From(f))
        );

    private static Gen<Eq<Detail>> Details => AnyDetail.List[0, 3].Select(l => l.ToEq());
}
