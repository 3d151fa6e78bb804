using System.Threading.RateLimiting;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.RateLimiting;

namespace FairCompass.Web.Hosting;

/// <summary>What one request may ask for.</summary>
public static class Limits
{
    /// <summary>Bytes of a request body. A draft has at most 160,000 characters.</summary>
    public const int BodyBytes = 512 * 1024;

    /// <summary>The bytes that an address takes where it has a limit of its own.</summary>
    public static long? OwnOf(Endpoint? endpoint) => endpoint?.Metadata.GetMetadata<IRequestSizeLimitMetadata>()?.MaxRequestBodySize;

    /// <summary>Requests of the API that are worked on at once, for each processor: more only get in each other’s way.</summary>
    private const int AtOnce = 16;

    /// <summary>Requests that may wait for their turn; beyond them a client is told to come again.</summary>
    private const int Waiting = 1000;

    /// <summary>Limits the requests of the API that are worked on at once. The health address and the client’s files never wait.</summary>
    public static void Simultaneous(RateLimiterOptions options)
    {
        options.RejectionStatusCode = StatusCodes.Status503ServiceUnavailable;
        options.GlobalLimiter = PartitionedRateLimiter.Create<HttpContext, string>(context =>
            context.Request.Path.StartsWithSegments("/api") && !context.Request.Path.StartsWithSegments("/api/health")
                ? RateLimitPartition.GetConcurrencyLimiter(
                    "api",
                    _ => new ConcurrencyLimiterOptions
                    {
                        PermitLimit = AtOnce * Environment.ProcessorCount,
                        QueueLimit = Waiting,
                        QueueProcessingOrder = QueueProcessingOrder.OldestFirst,
                    }
                )
                : RateLimitPartition.GetNoLimiter("free")
        );
    }
}

/// <summary>The answer of the health address.</summary>
/// <param name="Status"><c>ok</c>.</param>
public sealed record Health(string Status);
