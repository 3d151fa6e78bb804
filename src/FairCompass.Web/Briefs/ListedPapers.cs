using System.Reflection;
using FairCompass.Core.Briefing;
using Microsoft.AspNetCore.Http.Metadata;

namespace FairCompass.Web.Briefs;

/// <summary>Papers that were written one by one, each as JSON, so that their bytes could be counted; the answer is a list of
/// them.</summary>
public sealed class ListedPapers(IReadOnlyList<byte[]> papers) : IResult, IEndpointMetadataProvider
{
    /// <inheritdoc/>
    public async Task ExecuteAsync(HttpContext httpContext)
    {
        using var json = new MemoryStream();
        json.WriteByte((byte)'[');
        foreach (var paper in papers)
        {
            if (json.Length > 1)
            {
                json.WriteByte((byte)',');
            }

            json.Write(paper);
        }

        json.WriteByte((byte)']');
        await TypedResults.Bytes(json.ToArray(), "application/json; charset=utf-8").ExecuteAsync(httpContext);
    }

    /// <inheritdoc/>
    public static void PopulateMetadata(MethodInfo method, EndpointBuilder builder) =>
        builder.Metadata.Add(new ProducesResponseTypeMetadata(200, typeof(IReadOnlyList<Brief>), ["application/json"]));
}
