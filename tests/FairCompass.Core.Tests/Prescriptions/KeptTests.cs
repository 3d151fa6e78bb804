using System.Runtime.CompilerServices;
using FairCompass.Core.Drafts;
using FairCompass.Core.Workouts;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Prescriptions;

public class KeptTests
{
    /// <summary>An understood draft is kept for days; what a check asks of it in passing must not be kept with it.</summary>
    [Fact]
    public void What_was_asked_for_an_address_made_in_passing_is_forgotten()
    {
        var u = Understanding.Of(SaltmarshFerryGames.Competition, SaltmarshFerryGames.Drafts[0]);
        var asked = Asked(u);
        GC.Collect();
        GC.WaitForPendingFinalizers();
        GC.Collect();
        Assert.All(asked, a => Assert.False(a.IsAlive));
        GC.KeepAlive(u);
    }

    [Fact]
    public void What_the_draft_itself_asks_for_is_worked_out_once()
    {
        var u = Understanding.Of(SaltmarshFerryGames.Competition, SaltmarshFerryGames.Drafts[0]);
        var (task, address) = (u.Prescribed[0].Source, u.Resolver.Columns[0]);
        Assert.Same(u.Resolver.Resolve(task, address), u.Resolver.Resolve(task, address));
    }

    [MethodImpl(MethodImplOptions.NoInlining)]
    private static List<WeakReference> Asked(Understanding u)
    {
        var asked = new List<WeakReference>();
        foreach (var task in u.Prescribed.Select(p => p.Source).Distinct().OfType<Work.Task>())
        {
            var address = u.Resolver.Columns[0] with { };
            u.Resolver.Resolve(task, address);
            asked.Add(new WeakReference(address));
        }

        Assert.NotEmpty(asked);
        return asked;
    }
}
