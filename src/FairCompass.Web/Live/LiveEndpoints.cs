using FairCompass.Access;
using FairCompass.Web.Access;
using Microsoft.AspNetCore.Http.Connections;

namespace FairCompass.Web.Live;

/// <summary>The address that pages follow results at.</summary>
public static class LiveEndpoints
{
    /// <summary>A page says nothing but that it is there.</summary>
    private const long BufferBytes = 4096;

    /// <summary>Maps the address.</summary>
    public static void MapLive(this WebApplication app) =>
        app.MapHub<ResultsHub>(
                "/api/competitions/{id:guid}/results/live",
                o =>
                {
                    o.Transports = HttpTransportType.WebSockets;
                    o.ApplicationMaxBufferSize = BufferBytes;
                }
            )
            .Needs(Right.ReadPublished)
            // It stays open for as long as the page is looked at, and holds no place of those that wait for an answer.
            .DisableRequestTimeout()
            .DisableRateLimiting();
}
