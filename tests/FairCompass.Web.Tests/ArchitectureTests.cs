using System.Reflection;
using FairCompass.Access;
using FairCompass.Core.Drafts;
using FairCompass.Documents;
using FairCompass.Play;
using FairCompass.Store;
using Microsoft.AspNetCore.Http;

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
        Assert.Equal(["FairCompass.Core"], Ours(typeof(Role).Assembly));
        Assert.Equal(["FairCompass.Core"], Ours(typeof(FairCompass.Planning.Days.Plan).Assembly));
        Assert.Equal(["FairCompass.Core", "FairCompass.Planning"], Ours(typeof(FairCompass.Outcomes.Tables.ResultTable).Assembly));
        Assert.Equal(
            ["FairCompass.Access", "FairCompass.Comparability", "FairCompass.Core", "FairCompass.Outcomes", "FairCompass.Planning"],
            Ours(typeof(Database).Assembly)
        );
        Assert.Equal(["FairCompass.Core"], Ours(typeof(Player).Assembly));
        Assert.Empty(Ours(typeof(DocumentReader).Assembly));
        Assert.Equal(["FairCompass.Core"], Ours(typeof(FairCompass.Comparability.Watched).Assembly));
        Assert.Equal(
            [
                "FairCompass.Access",
                "FairCompass.Comparability",
                "FairCompass.Core",
                "FairCompass.Documents",
                "FairCompass.Outcomes",
                "FairCompass.Planning",
                "FairCompass.Play",
                "FairCompass.Store",
            ],
            Ours(typeof(Program).Assembly)
        );
    }

    /// <summary>What an address answers stands in its handler's signature, from which the description of the interface is made: a handler
    /// that answers “some result” would be described by hand, and the description could lie.</summary>
    [Fact]
    public void Answers_are_said_by_signatures()
    {
        var untyped = typeof(Program)
            .Assembly.GetTypes()
            .Where(t => t.Name.EndsWith("Endpoints", StringComparison.Ordinal))
            .SelectMany(t => t.GetMethods(BindingFlags.Static | BindingFlags.NonPublic | BindingFlags.Public))
            .Where(m => Said(m.ReturnType) == typeof(IResult))
            .Select(m => $"{m.DeclaringType!.Name}.{m.Name}");
        Assert.Empty(untyped);
        static Type Said(Type answer) =>
            answer.IsGenericType && answer.GetGenericTypeDefinition() == typeof(Task<>) ? answer.GetGenericArguments()[0] : answer;
    }
}
