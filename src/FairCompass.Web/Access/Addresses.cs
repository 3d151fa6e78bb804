using System.Net;

namespace FairCompass.Web.Access;

/// <summary>From where a request comes.</summary>
public static class Addresses
{
    /// <summary>True for a request that comes from this machine, by its connection and not by what it says of itself.</summary>
    public static bool IsThisMachine(HttpContext http) =>
        http.Connection.RemoteIpAddress is not { } address || IPAddress.IsLoopback(address);

    /// <summary>The address of the other end of the connection.</summary>
    public static string Of(HttpContext http) =>
        http.Connection.RemoteIpAddress switch
        {
            null => "here",
            { IsIPv4MappedToIPv6: true } four => four.MapToIPv4().ToString(),
            var address => address.ToString(),
        };
}
