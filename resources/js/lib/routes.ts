import { type Config, type ParameterValue, type RouteName, type RouteParams, route as ziggy } from 'ziggy-js';
import { Ziggy } from '../generated/ziggy';

/** The address of a named route. Names and parameters are checked against the routes of the server. */
export function route<T extends RouteName>(name: T, params?: RouteParams<T> | ParameterValue): string {
    return ziggy(name, params as RouteParams<T>, false, Ziggy as unknown as Config);
}
