using System.Reflection;
using FairCompass.Core.Explaining;
using NetArchTest.Rules;

namespace FairCompass.Core.Tests;

public class ArchitectureTests
{
    private static readonly Assembly Core = typeof(Explainer).Assembly;

    [Fact]
    public void The_core_depends_on_nothing_outward() =>
        Assert.Empty(
            Types
                .InAssembly(Core)
                .That()
                .HaveDependencyOnAny(
                    "FairCompass.Store",
                    "FairCompass.Web",
                    "Npgsql",
                    "Dapper",
                    "Microsoft.AspNetCore",
                    "System.Net.Http",
                    "System.IO.File",
                    "System.Diagnostics.Process"
                )
                .GetTypes()
                .Select(t => t.FullName)
        );

    /// <summary>The QR code of a card is an outside standard, and comparing lines is nobody’s trade here, so libraries do both; they
    /// compute, and touch no file and no network.</summary>
    [Fact]
    public void The_core_references_only_the_runtime_the_qr_code_and_the_comparison_of_lines() =>
        Assert.All(
            Core.GetReferencedAssemblies().Where(a => a.Name is not ("QRCoder" or "DiffPlex")),
            a => Assert.StartsWith("System", a.Name, StringComparison.Ordinal)
        );

    /// <summary>What plans the days knows the core and nothing of stores, pages or machines.</summary>
    [Fact]
    public void The_planning_depends_on_the_core_and_on_calendars_only() =>
        Assert.All(
            typeof(FairCompass.Planning.Days.Plan).Assembly.GetReferencedAssemblies(),
            a =>
                Assert.True(
                    a.Name!.StartsWith("System", StringComparison.Ordinal)
                        || a.Name
                            is "FairCompass.Core"
                                or "NodaTime"
                                or "NodaTime.Serialization.SystemTextJson"
                                or "Ical.Net"
                                or "Google.OrTools",
                    a.Name
                )
        );

    /// <summary>No binary floating point in reps, loads, times, or scores.</summary>
    [Fact]
    public void The_core_holds_no_binary_fractions_outside_the_drawn_figures() =>
        Assert.Empty(
            Core.GetTypes()
                .Where(t =>
                    t.Namespace?.StartsWith("FairCompass", StringComparison.Ordinal) == true
                    && !t.Namespace.StartsWith("FairCompass.Core.Standards.Figures", StringComparison.Ordinal)
                    && !t.FullName!.Contains("<>", StringComparison.Ordinal)
                )
                .SelectMany(t => t.GetFields(BindingFlags.Instance | BindingFlags.Static | BindingFlags.Public | BindingFlags.NonPublic))
                .Where(f => f.FieldType == typeof(double) || f.FieldType == typeof(float))
                .Select(f => $"{f.DeclaringType}.{f.Name}")
        );

    /// <summary>From the ground up: a folder may name only folders before it.</summary>
    private static readonly string[] Floors =
    [
        "Quantities",
        "Text",
        "Languages",
        "Json",
        "Workouts",
        "Standards",
        "Policies",
        "Pacing",
        "Competitions",
        "Kit",
        "Binding",
        "Prescriptions",
        "Notation",
        "Courses",
        "InForce",
        "Scoring",
        "Observing",
        "Playing",
        "LayingOut",
        "Natural",
        "Checks",
        "Frozen",
        "Drafts",
        "Measuring",
        "Commands",
        "Interviewing",
        "Explaining",
        "Publishing",
        "Briefing",
        "Format",
    ];

    public static TheoryData<string> Folders => new(Floors);

    [Theory]
    [MemberData(nameof(Folders))]
    public void A_folder_names_only_folders_on_floors_below(string folder)
    {
        var above = Floors.SkipWhile(f => f != folder).Skip(1).Select(f => $"FairCompass.Core.{f}").ToArray();
        Assert.Empty(
            above.Length == 0
                ? []
                : Types
                    .InAssembly(Core)
                    .That()
                    .ResideInNamespaceMatching($@"^FairCompass\.Core\.{folder}(\.|$)")
                    .And()
                    .HaveDependencyOnAny(above)
                    .GetTypes()
                    .Select(t => t.FullName)
        );
    }

    [Fact]
    public void Every_folder_stands_on_a_floor() =>
        Assert.Equal(
            Floors.Order(StringComparer.Ordinal),
            Core.GetTypes()
                .Select(t => t.Namespace)
                .OfType<string>()
                .Where(n => n.StartsWith("FairCompass.Core.", StringComparison.Ordinal))
                .Select(n => n.Split('.')[2])
                .Distinct()
                .Order(StringComparer.Ordinal)
        );

    [Fact]
    public void Folders_are_named_after_the_job() =>
        Assert.DoesNotContain(
            Core.GetTypes(),
            t =>
                t.Namespace is { } n
                && new[] { "Helpers", "Managers", "Utils", "DTOs" }.Any(w => n.Contains(w, StringComparison.OrdinalIgnoreCase))
        );
}
