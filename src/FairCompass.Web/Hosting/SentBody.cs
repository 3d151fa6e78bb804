using System.Text.Json;
using FairCompass.Core.Json;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.Extensions.Options;

namespace FairCompass.Web.Hosting;

/// <summary>The body that a request was sent with, kept until it is answered, so that a refusal can name everything that is wrong in
/// it.</summary>
public static class SentBody
{
    /// <summary>Keeps each body in memory while its request is answered; none is larger than <see cref="Limits.BodyBytes"/>. A file, whose
    /// address has a limit of its own, is not JSON in which anything could be named.</summary>
    public static void UseSentBody(this WebApplication app) =>
        app.Use(
            (context, next) =>
            {
                if (Limits.OwnOf(context.GetEndpoint()) is null)
                {
                    context.Request.EnableBuffering(Limits.BodyBytes, Limits.BodyBytes);
                }

                return next();
            }
        );

    /// <summary>The failure to read a body, with what is wrong in it.</summary>
    public static async Task<JsonException> Named(JsonException failure, HttpContext context)
    {
        var wanted = context.Features.Get<IExceptionHandlerFeature>()?.Endpoint?.Metadata.GetMetadata<IAcceptsMetadata>()?.RequestType;
        if (wanted is null || !context.Request.Body.CanSeek)
        {
            return failure;
        }

        context.Request.Body.Position = 0;
        using var reader = new StreamReader(context.Request.Body, leaveOpen: true);
        var options = context.RequestServices.GetRequiredService<IOptions<JsonOptions>>().Value.SerializerOptions;
        return JsonFaults.Named(failure, await reader.ReadToEndAsync(context.RequestAborted), options.GetTypeInfo(wanted));
    }
}
