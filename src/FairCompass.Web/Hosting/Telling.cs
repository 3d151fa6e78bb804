using System.Reflection;
using FairCompass.Web.Access;
using OpenTelemetry.Metrics;
using OpenTelemetry.Resources;
using OpenTelemetry.Trace;

namespace FairCompass.Web.Hosting;

/// <summary>What the application tells whoever runs it: log lines with the sender’s address and the trace that a person is shown, and where
/// a collector is named, metrics and traces for it (OTLP).</summary>
public static class Telling
{
    /// <summary>Registers it. Nothing leaves this machine unless <c>Otlp</c> names where to.</summary>
    /// <param name="builder">The application.</param>
    public static void AddTelling(this WebApplicationBuilder builder)
    {
        builder.Logging.Configure(o =>
            o.ActivityTrackingOptions = ActivityTrackingOptions.TraceId | ActivityTrackingOptions.SpanId | ActivityTrackingOptions.ParentId
        );
        if (builder.Configuration["Otlp"] is not { Length: > 0 } collector)
        {
            return;
        }

        if (!Uri.TryCreate(collector, UriKind.Absolute, out var to))
        {
            throw new InvalidOperationException($"{collector} is no address of a collector: write http:// and host and port.");
        }

        builder
            .Services.AddOpenTelemetry()
            .ConfigureResource(r =>
                r.AddService("fair-compass", serviceVersion: Assembly.GetExecutingAssembly().GetName().Version?.ToString(3))
            )
            .WithTracing(t => t.AddAspNetCoreInstrumentation().AddSource("Npgsql").AddOtlpExporter(o => o.Endpoint = to))
            .WithMetrics(m =>
                m.AddAspNetCoreInstrumentation().AddRuntimeInstrumentation().AddMeter("Npgsql").AddOtlpExporter(o => o.Endpoint = to)
            );
    }

    /// <summary>Every log line of a request says from where it came.</summary>
    /// <param name="app">The application.</param>
    public static void UseTelling(this WebApplication app)
    {
        var log = app.Services.GetRequiredService<ILoggerFactory>().CreateLogger("FairCompass");
        app.Use(
            async (http, next) =>
            {
                using (log.BeginScope(new KeyValuePair<string, object>[] { new("Address", Addresses.Of(http)) }))
                {
                    await next(http);
                }
            }
        );
    }
}
