using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Courses;

/// <summary>A value with those for whom it holds.</summary>
/// <param name="Value">The value.</param>
/// <param name="For">Entries in the order of the divisions.</param>
/// <typeparam name="T">What it is.</typeparam>
public sealed record Shared<T>(T Value, Eq<Address> For);

/// <summary>
/// The hall clock as a paper for several entries may say it: a number stands in a call only where all who hear it have that
/// number; where they differ the call names none, and each number stands beside with those for whom it holds.
/// </summary>
/// <param name="Hall">Spans and lengths, which all of the entries have in common.</param>
/// <param name="For">The entries.</param>
/// <param name="Calls">In order of time.</param>
/// <param name="Forks">Each moment at which the clock goes on for some, with the counts that pass.</param>
/// <param name="OwnRests">Each rest of one's own, with the counts after which it begins.</param>
public sealed record SharedClock(
    Timeline Hall,
    Eq<Address> For,
    Eq<ClockCall> Calls,
    Eq<Eq<Shared<ClockFork>>> Forks,
    Eq<Eq<Shared<OwnedRest>>> OwnRests
)
{
    /// <summary>One clock for each group of entries whose spans are the same; none while a time is unset.</summary>
    /// <param name="courses">The entries in the order of the divisions.</param>
    /// <param name="tongue">The language of the calls.</param>
    public static IReadOnlyList<SharedClock> Of(IReadOnlyList<Course> courses, Tongue tongue) =>
        courses
            .Select(c => (Course: c, Clock: Timeline.Of(c, tongue)))
            .Where(x => x.Clock is not null)
            .GroupBy(x => x.Clock!.Spans)
            .Select(g => Of([.. g.Select(x => (x.Course.Address, x.Clock!))], tongue))
            .ToList();

    /// <summary>The clock of a workout that nobody runs yet.</summary>
    public static SharedClock Of(Timeline clock) =>
        new(
            clock,
            [],
            clock.Calls,
            clock.Forks.Select(f => new[] { new Shared<ClockFork>(f, []) }.ToEq()).ToEq(),
            clock.OwnRests.Select(r => new[] { new Shared<OwnedRest>(r, []) }.ToEq()).ToEq()
        );

    private static SharedClock Of(IReadOnlyList<(Address Who, Timeline Clock)> each, Tongue tongue)
    {
        var everybody = each.Select(x => x.Who).ToEq();
        return new(
            each[0].Clock,
            everybody,
            Said(each, everybody, tongue).OrderBy(c => c.At).ToEq(),
            Together(each, c => c.Forks, f => (f.At, f.Piece, f.Number)),
            Together(each, c => c.OwnRests, r => (r.Piece, r.Number, r.Length))
        );
    }

    /// <summary>The calls of all entries; one that only some have names them.</summary>
    private static IEnumerable<ClockCall> Said(IReadOnlyList<(Address Who, Timeline Clock)> each, Eq<Address> everybody, Tongue tongue)
    {
        foreach (
            var call in each.SelectMany(x => x.Clock.Calls.Select(c => (x.Who, Call: c)))
                .GroupBy(x => (x.Call.At, Plain: x.Call.Plain ?? x.Call.Words))
        )
        {
            var words = call.Select(x => x.Call.Words).Distinct().ToList();
            var who = call.Select(x => x.Who).Distinct().ToList();
            var said = words.Count == 1 ? words[0] : call.Key.Plain;
            yield return call.First().Call with
            {
                Words = who.Count == everybody.Count ? said : $"{tongue.Join(Entries.Named(who, everybody, tongue))}: {said}",
            };
        }
    }

    /// <summary>What stands at one place of the clock for each entry, equal values once.</summary>
    private static Eq<Eq<Shared<T>>> Together<T, TKey>(
        IReadOnlyList<(Address Who, Timeline Clock)> each,
        Func<Timeline, Eq<T>> of,
        Func<T, TKey> place
    )
        where TKey : notnull =>
        each.SelectMany(x => of(x.Clock).Select(v => (x.Who, Value: v)))
            .GroupBy(x => place(x.Value))
            .Select(g => g.GroupBy(x => x.Value).Select(v => new Shared<T>(v.Key, v.Select(x => x.Who).ToEq())).ToEq())
            .ToEq();
}
