using System.Reflection;
using FairCompass.Core.Drafts;
using FairCompass.Store;

namespace FairCompass.Web.Tests;

/// <summary>Web stands on Store and Core, Store on Core, Core on nothing of ours.</summary>
public class ArchitectureTests
{
    private static string[] Ours(Assembly of) =>
        of.GetReferencedAssemblies()
            .Select(a => a.Name!)
            .Where(n => n.StartsWith("FairCompass", StringComparison.Ordinal))
            .Order(StringComparer.Ordinal)
            .ToArray();

    [Fact]
    public void Assemblies_point_one_way()
    {
        Assert.Empty(Ours(typeof(Understanding).Assembly));
        Assert.Equal(["FairCompass.Core"], Ours(typeof(Database).Assembly));
        Assert.Equal(["FairCompass.Core", "FairCompass.Store"], Ours(typeof(Program).Assembly));
    }
}
