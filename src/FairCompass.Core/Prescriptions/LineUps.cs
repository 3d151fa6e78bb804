using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Prescriptions;

/// <summary>
/// The ways in which entries of a division are made up: by size, by who is in them, by an order that is told at check-in. A
/// heading line of the workout is nearer than the division. Each way is a division of its own to everything that asks how
/// many stand there and which duty stands where; its name stays.
/// </summary>
public static class LineUps
{
    private static readonly DivisionKind[] Kinds =
    [
        DivisionKind.Individual,
        DivisionKind.Pair,
        DivisionKind.TeamOf3,
        DivisionKind.TeamOf4,
        DivisionKind.TeamOf5,
        DivisionKind.TeamOf6,
        DivisionKind.TeamOf7,
        DivisionKind.TeamOf8,
    ];

    /// <summary>The line-ups of a division in a workout; the division itself where all its entries are alike.</summary>
    public static IEnumerable<Division> Of(Division division, Workout workout)
    {
        if (!division.IsTeam)
        {
            return [division];
        }

        var places = workout.Headers.OfType<Header.Seats>().FirstOrDefault();
        var said = workout.Headers.OfType<Header.Entries>().FirstOrDefault();
        var seated =
            places is { Duties.Count: > 0 } && places.Duties.Count == division.Size ? division with { Seats = places.Duties } : division;
        var makes = (said?.Makes ?? division.Entries).Distinct().ToEq();
        return from size in Sizes(division)
            from made in Made(seated, size, makes)
            from way in places is { Duties.Count: 0 } ? Orders(made) : [made]
            select way;
    }

    /// <summary>True where the orders of duties are too many to be told apart.</summary>
    public static bool TooManyOrders(Division division) =>
        OrdersOf([.. Places(division)]).Take(LineUp.MostOrders + 1).Count() > LineUp.MostOrders;

    private static IEnumerable<int?> Sizes(Division division) =>
        division.Smallest is { } from && from >= 2 && from < division.Size
            ? Enumerable.Range(from, division.Size - from + 1).Select(n => (int?)n)
            : [null];

    private static IEnumerable<Division> Made(Division division, int? size, Eq<string> makes)
    {
        var of = size ?? division.Size;
        var some = size is null ? division : division with { Kind = Kinds[of - 1], Seats = Places(division).Take(of).ToEq() };
        if (makes.Count == 0)
        {
            yield return size is null ? some : some with { LineUp = new(size, null) };
            yield break;
        }

        foreach (var make in makes)
        {
            yield return some with
            {
                Seats = make == LineUp.Mixed ? Places(division).Take(of).ToEq() : Enumerable.Repeat(make, of).ToEq(),
                LineUp = new(size, make),
            };
        }
    }

    private static IEnumerable<Division> Orders(Division division)
    {
        var orders = OrdersOf([.. Places(division)]).Take(LineUp.MostOrders + 1).ToList();
        return orders.Count is 1 or > LineUp.MostOrders
            ? [division]
            : orders.Select(o =>
                division with
                {
                    Seats = o.ToEq(),
                    LineUp = (division.LineUp ?? new(null, null)) with { Order = o.ToEq() },
                }
            );
    }

    /// <summary>Each different order of some duties, the given one first.</summary>
    private static IEnumerable<List<string>> OrdersOf(List<string> places)
    {
        if (places.Count == 0)
        {
            yield return [];
            yield break;
        }

        foreach (var first in places.Distinct())
        {
            var rest = places.ToList();
            rest.Remove(first);
            foreach (var order in OrdersOf(rest))
            {
                yield return [first, .. order];
            }
        }
    }

    private static IEnumerable<string> Places(Division division) =>
        Enumerable.Range(1, division.Size).Select(division.DutyOf).OfType<Duty>().Select(d => d.Word());
}
