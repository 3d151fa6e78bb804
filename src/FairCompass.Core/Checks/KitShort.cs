using FairCompass.Core.Competitions;
using FairCompass.Core.Languages;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Text;

namespace FairCompass.Core.Checks;

/// <summary>A box, machine, rig or other thing of which more is used at once than there is. What the kit does not list is not
/// missed.</summary>
public sealed class KitShort : ICheck
{
    /// <inheritdoc/>
    public string Id => "kit-short";

    /// <inheritdoc/>
    public string Title => "More used at once than there is";

    /// <inheritdoc/>
    public string Why => "Somebody would wait for kit while the clock runs, and in another lane nobody would.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var kit = context.Competition.Kit;
        if (kit.Things.Count == 0 && kit.Bars.Count == 0)
        {
            yield break;
        }

        var laid = context
            .Courses.SelectMany(c => LayOut.Of(context.Competition, [c], Tongue.English), (c, thing) => (c.Address, thing))
            .ToList();
        // A bar is loaded anew for another task, so of one kind as many are needed as are used at once.
        foreach (var bar in kit.Bars)
        {
            foreach (
                var used in laid.Where(x => x.thing.Name == LayOut.Named(bar.Name) && x.thing.Count > bar.Count).DistinctBy(x => x.thing.At)
            )
            {
                yield return new(
                    used.thing.At,
                    $"{used.Address}: {used.thing.Count} × {used.thing.Name.English} at once is more than the lane has: {bar.Count}."
                );
            }
        }

        var needed =
            from x in laid
            let thing = x.thing
            group (thing, x.Address) by (thing.Name.English, x.Address) into one
            let stock = kit.FindThing(one.Key.English)
            where stock is not null
            let count = one.Sum(x => x.thing.Count)
            where count > stock.For(kit.Lanes)
            group one.Key.Address by (At: one.First().thing.At, stock, count);
        foreach (var short_ in needed)
        {
            var (at, stock, count) = short_.Key;
            yield return new(at, Sentence(kit, stock, count, Words.Join(short_.Select(a => a.ToString()).Distinct())))
            {
                Mends = [.. context.TaskLines.Where(t => t.At.Line == at.Line).SelectMany(t => OneAtATime.Of(context, t))],
                KitMends =
                [
                    new(
                        $"Say that {(stock.Shared ? "the floor" : "a lane")} has {stock.Needed(count, kit.Lanes)} × {stock.Name}",
                        new(stock.Needed(count, kit.Lanes), stock.Name, stock.Shared)
                    ),
                ],
            };
        }
    }

    private static string Sentence(LaneKit kit, ThingStock stock, int count, string who) =>
        stock.Shared && kit.Lanes is > 1 and var lanes
            ? $"{who}: {count} × {stock.Name} in a lane are {stock.Needed(count, lanes)} in {lanes} lanes; the floor has {stock.Count}."
            : $"{who}: {count} × {stock.Name} at once is more than the {(stock.Shared ? "floor" : "lane")} has: {stock.Count}.";
}
