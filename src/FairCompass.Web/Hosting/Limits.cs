using System.Threading.RateLimiting;
using FairCompass.Web.Access;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Http.Timeouts;
using Microsoft.AspNetCore.RateLimiting;

namespace FairCompass.Web.Hosting;

/// <summary>What one request may ask for.</summary>
public static class Limits
{
    /// <summary>Bytes of a request body. A draft has at most 160,000 characters.</summary>
    public const int BodyBytes = 512 * 1024;

    /// <summary>Bytes of answers that are kept because they never change: a brief of a version has some 20 KB.</summary>
    public const long KeptBytes = 32 * 1024 * 1024;

    /// <summary>The bytes that an address takes where it has a limit of its own.</summary>
    public static long? OwnOf(Endpoint? endpoint) => endpoint?.Metadata.GetMetadata<IRequestSizeLimitMetadata>()?.MaxRequestBodySize;

    /// <summary>Requests of the API that are worked on at once, for each processor: more only get in each other’s way.</summary>
    private const int AtOnce = 16;

    /// <summary>Requests that may wait for their turn; beyond them a client is told to come again.</summary>
    private const int Waiting = 1000;

    /// <summary>Requests of one session in ten seconds: a person who types makes a hundred.</summary>
    private const int OfSession = 1500;

    /// <summary>Requests of one address in ten seconds. A whole hall reaches the server from one: 340 pages, opened at once, ask some
    /// 2,700 times.</summary>
    private const int OfAddress = 6000;

    private static readonly TimeSpan Window = TimeSpan.FromSeconds(10);

    /// <summary>How long a request may take, whoever waits for it; beyond it the answer is 504.</summary>
    private static readonly TimeSpan Longest = TimeSpan.FromSeconds(30);

    /// <summary>Limits the requests of the API by session and by address, and those that are worked on at once. The health addresses and
    /// the client’s files never wait.</summary>
    /// <param name="options">What is set.</param>
    /// <param name="bySender">False takes the limits by session and address away, for measuring.</param>
    public static void Set(RateLimiterOptions options, bool bySender)
    {
        options.RejectionStatusCode = StatusCodes.Status503ServiceUnavailable;
        options.OnRejected = async (context, cancel) =>
        {
            if (context.Lease.TryGetMetadata(MetadataName.RetryAfter, out var after))
            {
                // A sender who asks too often is told so, and when to come again; a full server says that it is full.
                var seconds = Math.Max(1, (int)Math.Ceiling(after.TotalSeconds));
                context.HttpContext.Response.Headers.RetryAfter = seconds.ToString(System.Globalization.CultureInfo.InvariantCulture);
                await Results
                    .Problem(
                        title: "This is asked too often.",
                        detail: $"Try again in {seconds} {(seconds == 1 ? "second" : "seconds")}.",
                        statusCode: 429
                    )
                    .ExecuteAsync(context.HttpContext);
            }
        };
        var atOnce = Of(
            _ => "api",
            () =>
                new ConcurrencyLimiter(
                    new()
                    {
                        PermitLimit = AtOnce * Environment.ProcessorCount,
                        QueueLimit = Waiting,
                        QueueProcessingOrder = QueueProcessingOrder.OldestFirst,
                    }
                )
        );
        options.GlobalLimiter = bySender
            ? PartitionedRateLimiter.CreateChained(
                Of(http => Cookies.SessionOf(http.Request), () => InWindow(OfSession)),
                Of(Addresses.Of, () => InWindow(OfAddress)),
                atOnce
            )
            : atOnce;
    }

    /// <summary>Sets how long a request may take.</summary>
    public static void Times(RequestTimeoutOptions options) =>
        options.DefaultPolicy = new() { Timeout = Longest, TimeoutStatusCode = StatusCodes.Status504GatewayTimeout };

    private static FixedWindowRateLimiter InWindow(int most) =>
        new(
            new()
            {
                PermitLimit = most,
                Window = Window,
                QueueLimit = 0,
            }
        );

    /// <summary>A limiter of the API for each of what a request has in common with others; a request that has it not is not
    /// limited.</summary>
    private static PartitionedRateLimiter<HttpContext> Of(Func<HttpContext, string?> common, Func<RateLimiter> limiter) =>
        PartitionedRateLimiter.Create<HttpContext, string>(http =>
            http.Request.Path.StartsWithSegments("/api")
            && !http.Request.Path.StartsWithSegments("/api/health")
            && common(http) is { Length: > 0 and < 100 } key
                ? RateLimitPartition.Get(key, _ => limiter())
                : RateLimitPartition.GetNoLimiter("")
        );
}
