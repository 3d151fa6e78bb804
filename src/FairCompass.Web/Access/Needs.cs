using FairCompass.Access;

namespace FairCompass.Web.Access;

/// <summary>What an operation needs, and how the log calls it.</summary>
/// <param name="Right">The right.</param>
/// <param name="Done">What somebody did who used it, in words of the past; null for what leaves no trace in the log.</param>
public sealed record Needs(Right Right, string? Done);

/// <summary>How endpoints declare what they need.</summary>
public static class NeedsExtensions
{
    /// <summary>Declares what an operation needs; one that declares nothing is closed.</summary>
    /// <param name="endpoint">The endpoint.</param>
    /// <param name="right">The right.</param>
    /// <param name="done">How the log calls it; null for what leaves no trace there.</param>
    /// <typeparam name="T">The kind of builder.</typeparam>
    public static T Needs<T>(this T endpoint, Right right, string? done = null)
        where T : IEndpointConventionBuilder => endpoint.WithMetadata(new Needs(right, done));
}
