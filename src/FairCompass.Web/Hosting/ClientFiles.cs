using System.IO.Compression;
using System.Security.Cryptography;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.Extensions.FileProviders;

namespace FairCompass.Web.Hosting;

/// <summary>Serves the built client with a strict content security policy.</summary>
public static class ClientFiles
{
    private const string NonceMark = "__NONCE__";

    /// <summary>Brotli and gzip for answers; the level is the fastest, because answers are small and made for each keystroke.</summary>
    public static void AddCompression(this IServiceCollection services)
    {
        services.AddResponseCompression(o =>
        {
            o.MimeTypes = ResponseCompressionDefaults.MimeTypes.Concat(["application/problem+json", "image/svg+xml"]);
            o.Providers.Add<BrotliCompressionProvider>();
            o.Providers.Add<GzipCompressionProvider>();
        });
        services.Configure<BrotliCompressionProviderOptions>(o => o.Level = CompressionLevel.Fastest);
        services.Configure<GzipCompressionProviderOptions>(o => o.Level = CompressionLevel.Fastest);
    }

    /// <summary>Headers that keep pages from being framed, sniffed, or sending anything elsewhere.</summary>
    public static void UseSecurityHeaders(this WebApplication app) =>
        app.Use(
            (context, next) =>
            {
                var nonce = Convert.ToBase64String(RandomNumberGenerator.GetBytes(18));
                context.Items[NonceMark] = nonce;
                var headers = context.Response.Headers;
                headers.ContentSecurityPolicy =
                    $"default-src 'none'; script-src 'self' 'nonce-{nonce}'; style-src 'self' 'nonce-{nonce}'; style-src-attr "
                    + "'unsafe-inline'; "
                    + "font-src 'self'; img-src 'self' data:; media-src blob:; connect-src 'self'; manifest-src 'self'; base-uri 'none'; "
                    + "form-action 'none'; frame-ancestors 'none'";
                headers.XContentTypeOptions = "nosniff";
                headers["Referrer-Policy"] = "no-referrer";
                headers["Cross-Origin-Opener-Policy"] = "same-origin";
                headers["Cross-Origin-Resource-Policy"] = "same-origin";
                headers["Permissions-Policy"] = "camera=(self), microphone=(), geolocation=()";
                if (context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal))
                {
                    headers.CacheControl = "no-store";
                }

                return next();
            }
        );

    /// <summary>Serves the client's files, and its page for every other address.</summary>
    /// <param name="app">The application.</param>
    /// <param name="folder">The built client; when it is missing, only the API is served.</param>
    public static void UseClient(this WebApplication app, string? folder)
    {
        var index = folder is null ? null : Path.Combine(folder, "index.html");
        if (index is null || !File.Exists(index))
        {
            app.MapGet("/", () => Results.Text("The client is not built. Start the application with ./run.")).ExcludeFromDescription();
            return;
        }

        var page = File.ReadAllText(index);
        var files = new PhysicalFileProvider(Path.GetFullPath(folder!));
        app.Use(
            (context, next) =>
            {
                // Packed once by the build at the best level; packing at each request would cost more than it saves.
                var path = context.Request.Path.Value ?? "";
                if (
                    path.StartsWith("/assets/", StringComparison.Ordinal)
                    && context.Request.Headers.AcceptEncoding.ToString().Contains("br", StringComparison.Ordinal)
                    && files.GetFileInfo(path + ".br").Exists
                )
                {
                    context.Items["packed"] = path;
                    context.Request.Path = path + ".br";
                }

                return next();
            }
        );
        app.UseStaticFiles(Served(files));
        app.MapFallback(context =>
        {
            if (!HttpMethods.IsGet(context.Request.Method) && !HttpMethods.IsHead(context.Request.Method))
            {
                context.Response.StatusCode = 405;
                return Task.CompletedTask;
            }

            context.Response.ContentType = "text/html; charset=utf-8";
            context.Response.Headers.CacheControl = "no-store";
            return context.Response.WriteAsync(page.Replace(NonceMark, (string)context.Items[NonceMark]!, StringComparison.Ordinal));
        });
    }

    private static StaticFileOptions Served(PhysicalFileProvider files)
    {
        var types = new Microsoft.AspNetCore.StaticFiles.FileExtensionContentTypeProvider();
        types.Mappings[".br"] = "application/octet-stream";
        return new StaticFileOptions
        {
            FileProvider = files,
            ContentTypeProvider = types,
            OnPrepareResponse = c =>
            {
                c.Context.Response.Headers.CacheControl = c.Context.Request.Path.StartsWithSegments("/assets", StringComparison.Ordinal)
                    ? "public, max-age=31536000, immutable"
                    : "no-cache";
                if (c.Context.Items["packed"] is string original && types.TryGetContentType(original, out var type))
                {
                    c.Context.Response.ContentType = type;
                    c.Context.Response.Headers.ContentEncoding = "br";
                    c.Context.Response.Headers.Vary = "Accept-Encoding";
                }
            },
        };
    }
}
